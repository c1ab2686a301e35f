<?php

declare(strict_types=1);

// Until the salon says these of itself, at the set-up or on the screen "The salon": then that counts.
return [
    'name' => env('SALON_NAME', 'Hound Check'),
    // Decides which day a visit belongs to and how times are printed.
    'timezone' => env('SALON_TIMEZONE', 'UTC'),
    // The demo salon: what would have reached a client's phone can be looked at. Never in a salon of one's own.
    'demo' => (bool) env('SALON_DEMO', false),
    // Under this the day's screen says that room is running out.
    'low_space_megabytes' => (int) env('SALON_LOW_SPACE_MB', 500),
    // On owners' pages, for a knot that does not open at home.
    'phone' => env('SALON_PHONE'),
    // Shown by Stop now on every screen of a visit.
    'vet_phone' => env('SALON_VET_PHONE'),
    // Where backups lie: another disk is better. With a passphrase they are encrypted; keep it elsewhere too.
    'backup_folder' => env('BACKUP_FOLDER') ?: storage_path('app/backups'),
    'backup_passphrase' => env('BACKUP_PASSPHRASE') ?: null,
    // Archives that somebody takes along, for as long as it takes to send them.
    'outgoing_folder' => storage_path('app/outgoing'),
    // How messages reach clients: phone, the stand-in, or mail, by Laravel's mailer.
    'sender' => env('SALON_SENDER', 'phone'),
    'currency' => env('SALON_CURRENCY', 'EUR'),
    // Two letters; only proposes the rest.
    'country' => env('SALON_COUNTRY') ?: null,
    // 1 Monday to 7 Sunday.
    'first_weekday' => (int) env('SALON_FIRST_WEEKDAY', 1),
    // Of the screens until somebody chooses, and of messages to clients who have none of their own: en or de.
    'language' => env('SALON_LANGUAGE', 'en'),
    // Lengths and weights on the screens: metric (mm, kg) or imperial (inch, pound). They are kept in mm and kg.
    'units' => env('SALON_UNITS', 'metric'),
];

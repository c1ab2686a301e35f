<?php

declare(strict_types=1);

return [
    'name' => env('SALON_NAME', 'Hound Check'),
    // Decides which day a visit belongs to and how times are printed.
    'timezone' => env('SALON_TIMEZONE', 'UTC'),
    'currency' => env('SALON_CURRENCY', 'EUR'),
];

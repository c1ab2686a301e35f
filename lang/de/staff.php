<?php

declare(strict_types=1);

return [
    'name_missing' => 'Gib den Namen an, mit dem die Person sich anmeldet.',
    'name_too_long' => 'Ein Name hat höchstens {most} Zeichen.',
    'name_taken' => 'Diesen Namen gibt es schon. Wähle einen anderen: Einträge dürfen nicht unter zwei Personen stehen.',
    'password_short' => 'Das Passwort braucht mindestens {least} Zeichen.',
    'only_owner' => 'Das ist die einzige Person, der der Salon gehört. Trag zuerst eine andere dafür ein.',
    'wrong_password' => 'Das ist nicht dein jetziges Passwort.',
    'pin_unfit' => 'Vier bis acht Ziffern, und nicht der Reihe nach: weder 1111 noch 1234.',
];

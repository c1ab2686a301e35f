<?php

declare(strict_types=1);

return [
    'wrong' => 'Name und Passwort passen nicht zusammen. Prüfe beides und versuch es noch einmal.',
    'wrong_pin' => 'Diese PIN stimmt nicht. Versuch es noch einmal, oder melde dich mit dem Passwort an.',
    'pin_is_for_the_work' => 'Du bist mit der PIN angemeldet: die ist für die Arbeit am Hund. Melde dich hierfür mit dem Passwort an.',
    'pin_locked' => 'Zu viele falsche. Melde dich mit dem Passwort an; mit PIN wieder in {minutes, plural, one {# Minute} other {# Minuten}}.',
    'no_quick_change' => 'An diesem Gerät meldet man sich mit dem Passwort an.',
];

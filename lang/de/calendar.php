<?php

declare(strict_types=1);

return [
    'no_calendar' => 'Das ist keine Kalenderdatei, die sich lesen lässt. Exportiere sie aus dem Kalender als .ics-Datei und wähle dann diese.',
    'too_many' => 'Dieser Kalender hat mehr als {most} Zeiten. Exportiere nur seine nächsten Monate.',
    'nothing_in_it' => 'In diesem Kalender ist im kommenden Jahr niemand verhindert.',
    'too_long' => 'Diese Datei ist größer als 1 MB. Exportiere nur die nächsten Monate des Kalenders.',
];

<?php

declare(strict_types=1);

return [
    'unreadable' => 'Diese Datei lässt sich nicht als Hundeakte lesen: {why}',
    'of_another_dog' => 'Diese Akte lässt sich nicht lesen: {id} ist schon hier und gehört zu einem anderen Hund.',
    'gone' => 'Die gesendete Datei ist nicht mehr da. Bitte noch einmal wählen.',
    'too_large' => 'Die Datei ist größer als 100 MB. Wer den Rechner betreut, kann sie mit dossier:read einlesen.',
    'missing' => 'Eine Akte wählen: ein ZIP, in dem dossier.json liegt.',
];

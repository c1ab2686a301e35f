<?php

declare(strict_types=1);

return [
    'missing' => 'Es kam kein Foto mit. Nimm es noch einmal auf, oder wähle eine Datei.',
    'too_large' => 'Dieses Foto ist größer als 12 MB. Nimm es hier mit der Kamera noch einmal auf, oder wähle ein kleineres.',
    'not_a_picture' => 'Diese Datei ist kein Foto, das aufbewahrt werden kann. Wähle JPEG, PNG oder WebP.',
    'cut_off' => 'Dieses Foto wurde unterwegs abgeschnitten. Nimm es noch einmal auf, oder wähle die Datei noch einmal.',
    'too_many_pixels' => 'Dieses Foto hat mehr als 24 Millionen Bildpunkte. Wähle ein kleineres.',
];

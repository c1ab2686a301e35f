<?php

declare(strict_types=1);

return [
    'no_table' => 'Diese Datei ist keine Tabelle aus Text. Im Tabellenprogramm als CSV (UTF-8) speichern und noch einmal wählen.',
    'empty' => 'In dieser Datei steht außer den Überschriften keine Zeile.',
    'open_quote' => 'Ab Zeile {line} ist ein Anführungszeichen offen, das nichts schließt: alles danach wäre eine Zelle. Bessere es dort aus und wähle die Datei noch einmal.',
    'too_long' => 'Die Tabelle hat mehr als {most} Zeilen. Bitte auf mehrere Dateien verteilen.',
    'names_needed' => 'Sagen, in welcher Spalte der Name des Hundes steht, und in welcher der der Kundschaft.',
    'to_ask' => 'Erfragen: {what}.',
    'missing' => 'Eine CSV-Datei wählen.',
    'fields' => [
        'sex' => 'Geschlecht',
        'born_on' => 'Alter',
        'coat' => 'Fell',
        'coat_length' => 'Felllänge',
        'weight' => 'Gewicht',
    ],
];

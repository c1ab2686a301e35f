<?php

declare(strict_types=1);

/** Was in ein Feld gehört; das Feld selbst steht daneben. */
return [
    'after' => 'Gib ein späteres Datum an.',
    'array' => 'Das kann hier nicht gelesen werden.',
    'before_or_equal' => 'Gib ein früheres Datum an.',
    'between' => [
        'numeric' => 'Gib eine Zahl von :min bis :max an.',
        'string' => 'Schreib :min bis :max Zeichen.',
    ],
    'boolean' => 'Sag Ja oder Nein.',
    'date_format' => 'Gib ein Datum an.',
    'distinct' => 'Das steht hier zweimal.',
    'enum' => 'Wähle eines der Angebotenen.',
    'exists' => 'Das gibt es nicht mehr. Wähle noch einmal.',
    'file' => 'Wähle eine Datei.',
    'in' => 'Wähle eines der Angebotenen.',
    'integer' => 'Gib eine ganze Zahl an.',
    'list' => 'Das kann hier nicht gelesen werden.',
    'max' => [
        'array' => 'Gib höchstens :max an.',
        'file' => 'Wähle eine Datei von höchstens :max kB.',
        'numeric' => 'Gib höchstens :max an.',
        'string' => 'Schreib höchstens :max Zeichen.',
    ],
    'min' => [
        'array' => 'Gib mindestens :min an.',
        'numeric' => 'Gib mindestens :min an.',
        'string' => 'Schreib mindestens :min Zeichen.',
    ],
    'missing' => 'Das kann hier nicht geändert werden.',
    'numeric' => 'Gib eine Zahl an.',
    'present' => 'Das wird gebraucht.',
    'regex' => 'Das kann hier nicht gelesen werden.',
    'required' => 'Das wird gebraucht.',
    'required_if' => 'Das wird gebraucht.',
    'required_without' => 'Das wird gebraucht.',
    'string' => 'Schreib es in Worten.',
    'ulid' => 'Das kann hier nicht gelesen werden.',
    'uploaded' => 'Die Datei ist nicht angekommen. Wähle sie noch einmal.',
];

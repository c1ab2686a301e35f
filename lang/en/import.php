<?php

declare(strict_types=1);

return [
    'no_table' => 'This file is no table of text. In a spreadsheet program, save it as CSV (UTF-8), then choose it again.',
    'empty' => 'There is no row in this file beside the headings.',
    'open_quote' => 'From line {line} on a quotation mark is open and nothing closes it: all after it would be one cell. Mend it there, then choose the file again.',
    'too_long' => 'The table has more than {most} rows. Divide it into several files.',
    'names_needed' => 'Say which column holds the dog’s name, and which the client’s.',
    'to_ask' => 'Ask: {what}.',
    'missing' => 'Choose a CSV file.',
    'fields' => [
        'sex' => 'sex',
        'born_on' => 'age',
        'coat' => 'coat',
        'coat_length' => 'coat length',
        'weight' => 'weight',
    ],
];

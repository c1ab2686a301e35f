<?php

declare(strict_types=1);

/** What to put in a field; the field itself stands beside it. */
return [
    'after' => 'Give a later date.',
    'array' => 'This cannot be read here.',
    'before_or_equal' => 'Give an earlier date.',
    'between' => [
        'numeric' => 'Give a number from :min to :max.',
        'string' => 'Write :min to :max characters.',
    ],
    'boolean' => 'Say yes or no.',
    'date_format' => 'Give a date.',
    'distinct' => 'This stands here twice.',
    'enum' => 'Choose one of those offered.',
    'exists' => 'This is not there any more. Choose again.',
    'file' => 'Choose a file.',
    'in' => 'Choose one of those offered.',
    'integer' => 'Give a whole number.',
    'list' => 'This cannot be read here.',
    'max' => [
        'array' => 'Give at most :max.',
        'file' => 'Choose a file of at most :max kB.',
        'numeric' => 'Give at most :max.',
        'string' => 'Write at most :max characters.',
    ],
    'min' => [
        'array' => 'Give at least :min.',
        'numeric' => 'Give at least :min.',
        'string' => 'Write at least :min characters.',
    ],
    'missing' => 'This cannot be changed here.',
    'numeric' => 'Give a number.',
    'present' => 'This is needed.',
    'regex' => 'This cannot be read here.',
    'required' => 'This is needed.',
    'required_if' => 'This is needed.',
    'required_without' => 'This is needed.',
    'string' => 'Write it in words.',
    'ulid' => 'This cannot be read here.',
    'uploaded' => 'The file did not arrive. Choose it again.',
];

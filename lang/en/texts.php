<?php

declare(strict_types=1);

return [
    'empty' => 'Write what the client shall read.',
    'too_long' => 'At most {most} characters: that is what telephones show at once.',
    'unknown_word' => '“{word}” is not a word that is filled in here. Choose one of those below the text.',
    'word_needed' => 'The text must name “{word}” outside of square brackets, or the client misses it.',
    'unbalanced' => 'A bracket is open or closed that has no other side. Brackets do not stand within brackets.',
    'test' => 'A test message from {salon}. If you read it, messages reach clients.',
    'not_sent' => [
        'no_address' => 'There is no address.',
        'no_way' => 'The mail server does not take it. Look at its address, port and password, then try again.',
        'no_sender' => 'No way to clients is set up: messages are passed on by hand. Ask whoever keeps the computer to set up mail.',
    ],
    'sample_client' => 'Ottilie Vane',
    'sample_dog' => 'Sable',
    'moved_on' => '{name} changed this text in the meantime. Look at it, then write yours again.',
];

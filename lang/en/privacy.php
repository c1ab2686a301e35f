<?php

declare(strict_types=1);

return [
    'here' => '{dog} is here now. Forget its client when the dog has gone home.',
    'booked' => '{dog} has a time, or waits for one. Cancel it first.',
    'erased' => 'Forgotten client {number}',
    'photo_reason' => 'The client asked to be forgotten.',
    'photo_too_old' => 'Older than the {months} months for which photos are kept.',
    'export_readme' => "What {salon} keeps of you and your dogs, written on {day}.\r\n\r\nclient.json: name, telephone, mail address, language and whether photos are allowed, to reach you and to write as you wish; messages we sent; appointments and what was agreed about them; plans you were shown by link.\r\ndossiers: for each dog its card, every visit as it was recorded, and the photos: so that the work is safe, and a question months later can be answered.\r\n\r\nYou may ask for corrections, and to be forgotten: then all that names you goes, and what was found on a dog and done to it stays without you.\r\n",
];

<?php

declare(strict_types=1);

return [
    'unreadable' => 'This file cannot be read as a dossier: {why}',
    'of_another_dog' => 'This dossier cannot be read: {id} is here already and belongs to another dog.',
    'gone' => 'The file that was sent is no longer here. Choose it once more.',
    'too_large' => 'The file is larger than 100 MB. Ask whoever keeps the computer to read it in with dossier:read.',
    'missing' => 'Choose the file of a dossier: a ZIP with dossier.json in it.',
];

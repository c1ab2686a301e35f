<?php

declare(strict_types=1);

return [
    'wrong' => 'Name und Passwort passen nicht zusammen. Prüfe beides und versuch es noch einmal.',
];

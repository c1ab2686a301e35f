<?php

declare(strict_types=1);

require __DIR__.'/../../../vendor/autoload.php';

foreach (Tests\Core\Marks\KindPages::texts() as $path => $text) {
    file_put_contents($path, $text);
}

<?php

declare(strict_types=1);

/** Loads the changed file of bin/mutate in the place of the real one. */
require __DIR__.'/../vendor/autoload.php';

$real = (string) getenv('MUTANT_OF');
[$room, $path] = explode('/', substr($real, strlen(dirname(__DIR__)) + 1, -4), 2);
$class = ($room === 'core' ? 'HoundCheck\\Core\\' : 'App\\').str_replace('/', '\\', $path);
spl_autoload_register(function (string $wanted) use ($class): void {
    if ($wanted === $class) {
        require (string) getenv('MUTANT_CODE');
    }
}, prepend: true);

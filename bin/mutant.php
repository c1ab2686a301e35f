<?php

declare(strict_types=1);

/** Loads the changed file of bin/mutate in the place of the real one. */
require __DIR__.'/../vendor/autoload.php';

$real = (string) getenv('MUTANT_OF');
$class = 'HoundCheck\\Core\\'.str_replace('/', '\\', substr($real, strlen(dirname(__DIR__).'/core/'), -4));
spl_autoload_register(function (string $wanted) use ($class): void {
    if ($wanted === $class) {
        require (string) getenv('MUTANT_CODE');
    }
}, prepend: true);

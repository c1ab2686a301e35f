<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/** An argument of a command as text, without the spaces around it. */
final class Argument
{
    public static function text(Command $command, string $name): string
    {
        $value = $command->argument($name);

        return is_string($value) ? trim($value) : '';
    }
}

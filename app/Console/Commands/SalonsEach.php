<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Salons;
use Illuminate\Console\Command;
use Illuminate\Contracts\Console\Kernel;

/** The same in every salon of this installation; one in which it fails holds up no other. */
final class SalonsEach extends Command
{
    protected $signature = 'salons:each {what : a command with its options, such as "migrate --force"}';

    protected $description = 'Run a command in every salon of this installation';

    public function handle(Salons $salons, Kernel $kernel): int
    {
        $failed = [];
        $all = array_keys($salons->every());
        foreach ($all as $salon) {
            count($all) === 1 ?: $this->line("[{$salon}]");
            try {
                $code = $salons->within($salon, fn(): int => $kernel->call(
                    Argument::text($this, 'what'),
                    [],
                    $this->output,
                ));
            } catch (\Throwable $failure) {
                report($failure);
                $this->error($failure->getMessage());
                $code = self::FAILURE;
            }
            $code === self::SUCCESS ?: $failed[] = $salon;
        }

        return $failed === [] ? self::SUCCESS : self::FAILURE;
    }
}

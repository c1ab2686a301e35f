<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Salon\Health;
use Illuminate\Console\Command;

final class SalonHealth extends Command
{
    protected $signature = 'salon:health';

    protected $description = 'Tell how the installation is: database, disk, schedule, messages, backup';

    public function handle(Health $health): int
    {
        $details = $health->details();
        $this->line("Version {$details['version']}");
        foreach ($details['checks'] as $what => $isWell) {
            $this->line(sprintf('%-10s %s', $what, $isWell ? 'well' : 'LOOK AT IT'));
        }

        return $health->isWell() ? self::SUCCESS : self::FAILURE;
    }
}

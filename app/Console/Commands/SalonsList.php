<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Salons;
use Illuminate\Console\Command;

final class SalonsList extends Command
{
    protected $signature = 'salons:list';

    protected $description = 'Name the salons of this installation';

    public function handle(Salons $salons): int
    {
        foreach ($salons->every() as $salon => $name) {
            $this->line(sprintf('%-30s %s', $salon, $name));
        }

        return self::SUCCESS;
    }
}

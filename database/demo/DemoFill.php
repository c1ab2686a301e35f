<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Staff;
use App\Photos\PhotoStore;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class DemoFill extends Command
{
    protected $signature = 'demo:fill {--sign-ins : print the names and passwords of the demo salon} {--history= : two years of visits before today as well; what they were made from is written to this file}';

    protected $description = 'Fill an empty database with the demo salon';

    public function handle(VisitDesk $desk, PhotoStore $photos): int
    {
        if (Staff::query()->exists()) {
            $this->info('The demo salon is there already; its data is kept.');
        } else {
            DB::transaction(fn() => (new DemoWorld($desk, $photos, CarbonImmutable::now()->startOfMinute()))->fill($this->option('history')));
            $this->info('The demo salon is filled.');
        }
        if ($this->option('sign-ins')) {
            foreach (DemoDogs::staff() as $name => $facts) {
                $this->line(sprintf('  %-9s %-17s (%s)', $name, $facts['password'], $facts['role']));
            }
        }

        return self::SUCCESS;
    }
}

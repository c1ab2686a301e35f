<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\SalonVersion;
use App\Models\Staff;
use App\Salon\HouseBook;
use App\Salon\Salon;
use App\Salon\SalonBook;
use App\Schedule\AppointmentBook;
use App\Schedule\AppointmentDesk;
use App\Schedule\DayPlanner;
use App\Visits\PhotoStore;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

final class DemoFill extends Command
{
    protected $signature = 'demo:fill {--is-demo : only say whether this database is the demo salon or empty; fails for any other salon} {--sign-ins : print the names and passwords of the demo salon} {--history= : two years of visits before today as well; what they were made from is written to this file}';

    protected $description = 'Fill an empty database with the demo salon';

    public function handle(
        VisitDesk $desk,
        PhotoStore $photos,
        HouseBook $house,
        AppointmentDesk $appointments,
        AppointmentBook $book,
        DayPlanner $planner,
        SalonBook $salon,
    ): int {
        if ($this->option('is-demo')) {
            return $this->isOfAnother() ? self::FAILURE : self::SUCCESS;
        }
        if ($this->isOfAnother()) {
            $this->error('This database holds a salon of its own. Demo data is never mixed with it: name another with DB_DATABASE.');

            return self::FAILURE;
        }
        // One of an earlier version does not say yet what it is.
        SalonVersion::current() ?? $salon->begin(Salon::fromConfig(), isDemo: true);
        if (Staff::query()->exists()) {
            $this->info('The demo salon is there already; its data is kept.');
        } else {
            $now = CarbonImmutable::now()->startOfMinute();
            DB::transaction(
                fn() => (new DemoWorld($desk, $photos, $house, $appointments, $book, $planner, $now))->fill($this->option('history')),
            );
            $this->info('The demo salon is filled.');
        }
        if ($this->option('sign-ins')) {
            foreach (DemoDogs::staff() as $name => $facts) {
                $this->line(sprintf('  %-9s %-17s (%s)', $name, $facts['password'], $facts['role']));
            }
        }

        return self::SUCCESS;
    }

    /** It says so itself, or, of an earlier version, somebody works here whom the demo does not know. */
    private function isOfAnother(): bool
    {
        // Asked of a database of an earlier version too, before it is migrated.
        $salon = Schema::hasTable('salon_versions') ? SalonVersion::current() : null;

        return $salon !== null ? ! $salon->is_demo : Staff::query()->whereNotIn('name', array_keys(DemoDogs::staff()))->exists();
    }
}

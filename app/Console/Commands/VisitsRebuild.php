<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Visit;
use App\Visits\OpenVisit;
use App\Visits\VisitProjection;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class VisitsRebuild extends Command
{
    protected $signature = 'visits:rebuild';

    protected $description = 'Write the lists and the findings anew from the marks of every visit';

    public function handle(VisitProjection $projection): int
    {
        $count = 0;
        // Oldest first: a finding has to stand before a later visit can close it.
        Visit::query()->orderBy('arrived_at')->orderBy('id')->chunk(200, function ($visits) use ($projection, &$count): void {
            DB::transaction(function () use ($visits, $projection): void {
                foreach ($visits as $visit) {
                    $projection->write(OpenVisit::load($visit));
                }
            });
            $count += count($visits);
        });
        $this->info("{$count} visits rebuilt from their marks.");

        return self::SUCCESS;
    }
}

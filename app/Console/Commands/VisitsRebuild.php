<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clocks\ClockBook;
use App\Models\Photo;
use App\Models\Visit;
use App\Photos\PhotoStore;
use App\Visits\OpenVisit;
use App\Visits\VisitProjection;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class VisitsRebuild extends Command
{
    protected $signature = 'visits:rebuild';

    protected $description = 'Write the lists, findings and photos anew from the marks of every visit, and erase pictures left behind';

    public function handle(VisitProjection $projection, PhotoStore $pictures, ClockBook $clocks): int
    {
        $count = 0;
        $clocks->forget();
        // Oldest first: a finding has to stand before a later visit can close it.
        Visit::query()->orderBy('arrived_at')->orderBy('id')->chunk(200, function ($visits) use ($projection, &$count): void {
            DB::transaction(function () use ($visits, $projection): void {
                foreach ($visits as $visit) {
                    $projection->write(OpenVisit::load($visit));
                }
            });
            $count += count($visits);
        });
        $clocks->rebuild();
        // They were made while the clocks were half written.
        DB::table('visit_pictures')->delete();
        Photo::query()->whereNotNull('deleted_at')->each(fn(Photo $photo) => $pictures->erase($photo->id));
        $this->info("{$count} visits rebuilt from their marks.");

        return self::SUCCESS;
    }
}

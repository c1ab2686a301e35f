<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clients\NameIndex;
use App\Database\OneByOne;
use App\Models\Photo;
use App\Models\Visit;
use App\Schedule\AppointmentDesk;
use App\Visits\ClockBook;
use App\Visits\KeptFolds;
use App\Visits\MemoryBook;
use App\Visits\PhotoStore;
use App\Visits\VisitMarks;
use App\Visits\VisitProjection;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class VisitsRebuild extends Command
{
    private const AT_ONCE = 200;

    protected $signature = 'visits:rebuild';

    protected $description = 'Write lists, findings, photos and appointments anew from what was recorded, and erase pictures left behind';

    public function handle(
        VisitProjection $projection,
        PhotoStore $pictures,
        ClockBook $clocks,
        MemoryBook $memory,
        AppointmentDesk $appointments,
        KeptFolds $folds,
    ): int {
        $count = DB::transaction(function () use ($projection, $clocks, $memory, $appointments, $folds): int {
            OneByOne::everything();
            $clocks->forget();
            $count = 0;
            $folds->forgetAll();
            foreach ($this->oldestFirst() as $visit) {
                $projection->write(VisitMarks::load($visit));
                $count++;
            }
            $clocks->rebuild();
            $memory->rebuild();
            $appointments->rebuild();
            (new NameIndex)->rebuild();
            DB::table('visit_answers')->delete();

            return $count;
        });
        Photo::query()->whereNotNull('deleted_at')->lazyById()->each(fn(Photo $photo) => $pictures->erase($photo->id));
        $orphans = $pictures->orphans();
        array_map($pictures->erase(...), $orphans);
        $this->info(
            "{$count} visits rebuilt from their marks.".($orphans === [] ? '' : ' '.count($orphans).' pictures without a mark erased.'),
        );

        return self::SUCCESS;
    }

    /**
     * A finding has to stand before a later visit can close it. Page by page from where the last one ended: what is
     * rewritten meanwhile moves nothing.
     *
     * @return iterable<Visit>
     */
    private function oldestFirst(): iterable
    {
        $last = null;
        do {
            $page = Visit::query()
                ->when($last !== null, fn($query) => $query->where(fn($later) => $later
                    ->where('arrived_at', '>', $last?->getRawOriginal('arrived_at'))
                    ->orWhere(fn($same) => $same->where('arrived_at', $last?->getRawOriginal('arrived_at'))->where('id', '>', $last?->id))))
                ->orderBy('arrived_at')->orderBy('id')->limit(self::AT_ONCE)->get();
            yield from $page;
            $last = $page->last() ?? $last;
        } while ($page->count() === self::AT_ONCE);
    }
}

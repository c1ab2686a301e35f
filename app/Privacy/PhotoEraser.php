<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Models\Staff;
use App\Models\Visit;
use App\Visits\MarkAnswer;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Str;

/** Erases pictures as an owner does, each with its trace in the record. */
final readonly class PhotoEraser
{
    public function __construct(private VisitDesk $desk, private MarkReader $reader) {}

    /** @return int how many went */
    public function erase(Builder $photos, string $reason, Staff $by): int
    {
        $gone = 0;
        foreach ($photos->get(['id', 'visit_id'])->groupBy('visit_id') as $visitId => $ofVisit) {
            $now = CarbonImmutable::now()->toDateTimeImmutable();
            $marks = array_values($ofVisit->map(fn(\stdClass $photo) => $this->reader->read(
                MarkKind::PhotoDeleted,
                (string) Str::ulid(),
                null,
                $now,
                $by->id,
                ['photoId' => $photo->id, 'reason' => $reason],
                (string) Str::ulid(),
            ))->all());
            $answers = $this->desk->record(Visit::query()->whereKey($visitId)->sole(), $marks, $by)->answers;
            $gone += count(array_filter($answers, fn(MarkAnswer $answer): bool => $answer->wasTaken()));
        }

        return $gone;
    }
}

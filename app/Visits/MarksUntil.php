<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\StoredMark;
use HoundCheck\Core\Visit\EarlierMarks;

/** The marks of a visit up to one of them, read when somebody asks. */
final readonly class MarksUntil implements EarlierMarks
{
    public function __construct(private string $visitId, private int $number) {}

    public function all(): array
    {
        $rows = StoredMark::of($this->visitId)->where('number', '<=', $this->number)->get();

        return array_values(array_map(StoredMark::toMark(...), $rows->all()));
    }
}

<?php

declare(strict_types=1);

namespace App\Salon;

use App\Models\LogEntry;
use App\Models\Staff;
use Carbon\CarbonImmutable;

/** Who did what to the house: for its owner, in sentences, kept as it was. */
final class HouseLog
{
    /** @param array<string, string|int> $about names and figures of the sentence; never what a client said or how to reach one */
    public static function note(Done $what, ?Staff $by, array $about = []): void
    {
        LogEntry::query()->create(['at' => CarbonImmutable::now(), 'kind' => $what->value, 'staff_id' => $by?->id, 'about' => $about]);
    }
}

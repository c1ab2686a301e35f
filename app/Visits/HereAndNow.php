<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Staff;
use App\Models\Visit;
use HoundCheck\Core\Gate\Salon;

/** What the gate asks of the salon, by the database. */
final readonly class HereAndNow implements Salon
{
    public function __construct(private Visit $visit) {}

    public function isHereAgain(): bool
    {
        return Visit::query()
            ->where('dog_id', $this->visit->dog_id)
            ->where('id', '!=', $this->visit->id)
            ->whereNull('closed_at')
            ->exists();
    }

    public function isAtWork(string $id): bool
    {
        return Staff::query()->whereKey($id)->where('active', true)->exists();
    }
}

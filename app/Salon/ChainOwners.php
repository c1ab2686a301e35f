<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\Salons;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;

/** Who may compare the salons: owners of one of them, named on the computer on which the application runs. */
final readonly class ChainOwners
{
    public function __construct(private Salons $salons) {}

    /** Of the salon that is worked in. */
    public function has(Staff $staff): bool
    {
        return $this->row($staff)->exists();
    }

    public function add(Staff $staff): void
    {
        $this->salons->shared('chain_owners')->insertOrIgnore([
            'salon' => $this->salons->current(),
            'staff_id' => $staff->id,
            'since' => CarbonImmutable::now(),
        ]);
    }

    public function remove(Staff $staff): void
    {
        $this->row($staff)->delete();
    }

    private function row(Staff $staff): Builder
    {
        return $this->salons->shared('chain_owners')->where('salon', $this->salons->current())->where('staff_id', $staff->id);
    }
}

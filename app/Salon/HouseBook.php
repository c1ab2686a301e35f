<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\OneByOne;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\RuleChanges;
use HoundCheck\Core\House\UnusableHouseRules;
use Illuminate\Support\Facades\DB;

/** Where the versions of the house rules are written: added, never changed, one after the other. */
final class HouseBook
{
    /**
     * @param int $base the version the owner saw when changing
     * @param array<string, mixed> $changes new values by path
     *
     * @throws UnusableHouseRules
     * @throws HouseRulesMovedOn when somebody else wrote a version since
     */
    public function change(int $base, array $changes, ?string $note, Staff $by): HouseRulesVersion
    {
        return $this->write($base, fn(HouseRules $rules): HouseRules => RuleChanges::apply($rules, $changes), $note, $by);
    }

    /**
     * An earlier version counts again, as a new one: what came between stays in the book.
     *
     * @throws HouseRulesMovedOn
     */
    public function putBack(int $base, HouseRulesVersion $earlier, ?string $note, Staff $by): HouseRulesVersion
    {
        return $this->write($base, fn(): HouseRules => $earlier->toCore(), $note, $by, $earlier->version);
    }

    /** @param \Closure(HouseRules): HouseRules $change */
    private function write(int $base, \Closure $change, ?string $note, Staff $by, ?int $putBack = null): HouseRulesVersion
    {
        return DB::transaction(function () use ($base, $change, $note, $by, $putBack): HouseRulesVersion {
            OneByOne::on('house rules');
            $current = HouseRulesVersion::current();
            if ($current->version !== $base) {
                throw HouseRulesMovedOn::by($current->staff->name ?? '');
            }
            $rules = $change($current->toCore());
            if ($current->toCore()->changesTo($rules) === []) {
                return $current;
            }

            return HouseRulesVersion::query()->create([
                'version' => $current->version + 1,
                'rules' => $rules->toArray(),
                'staff_id' => $by->id,
                'note' => $note,
                'put_back' => $putBack,
                'created_at' => CarbonImmutable::now(),
            ]);
        });
    }
}

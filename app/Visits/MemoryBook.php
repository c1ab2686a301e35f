<?php

declare(strict_types=1);

namespace App\Visits;

use App\Database\DrawnFrom;
use App\Database\Source;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\VisitTells;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * What the salon remembers of a dog, from what its visits tell; and the next visit that follows, kept per dog.
 *
 * Made anew when a visit ends or is taken back into the day, and when the card or the house rules have changed.
 */
final readonly class MemoryBook
{
    private const TIME = 'Y-m-d H:i:s.v';

    private const AT_ONCE = 200;

    /** As it was when a visit began: nothing of that visit, nor of later ones. */
    public function before(Visit $visit, CoatType $coat, MemoryRules $rules): DogMemory
    {
        return DogMemory::of(
            $coat,
            $this->tells($visit->dog_id, $visit->arrived_at),
            $rules,
            Dog::query()->whereKey($visit->dog_id)->value('natural_mm'),
        );
    }

    public function of(Dog $dog, MemoryRules $rules): DogMemory
    {
        return DogMemory::of($dog->coat, $this->tells($dog->id), $rules, $dog->natural_mm);
    }

    /** After a visit ended, or goes on after all. */
    public function renew(string $dogId): void
    {
        $dog = Dog::query()->findOrFail($dogId);
        $this->writeCombedOut($dog, $this->of($dog, HouseRulesVersion::current()->toCore()->memory));
        $this->report($dog);
    }

    /** Every dog's, from the visits; reports are made when they are asked for. */
    public function rebuild(): void
    {
        DB::table('dog_memories')->delete();
        DB::table('combed_out')->delete();
        $rules = HouseRulesVersion::current()->toCore()->memory;
        Dog::query()->lazyById(self::AT_ONCE)->each(fn(Dog $dog) => $this->writeCombedOut($dog, $this->of($dog, $rules)));
    }

    /** @return array<string, mixed>|null the next visit as `NextVisitAnswer` gives it; null: no visit of it has ended */
    public function report(Dog $dog): ?array
    {
        $now = CarbonImmutable::now();
        $rules = HouseRulesVersion::current();
        $tells = $this->tells($dog->id);
        if ($tells === []) {
            return null;
        }
        $revision = hash('xxh128', serialize([
            array_map(fn(VisitTells $one): array => $one->toArray(), $tells),
            $dog->version,
            $dog->ageMonths($now),
            $rules->version,
            CoreVersion::CURRENT,
            NextVisitAnswer::SHAPE,
        ]));
        $kept = DB::table('dog_memories')->where('dog_id', $dog->id)->where('revision', $revision)->value('report');
        if (is_string($kept)) {
            return json_decode($kept, true, flags: JSON_THROW_ON_ERROR);
        }
        $house = $rules->toCore();
        $memory = DogMemory::of($dog->coat, $tells, $house->memory, $dog->natural_mm);
        $next = $memory->nextVisit($dog->onDay($now), $house);
        if ($next === null) {
            return null;
        }
        $report = NextVisitAnswer::of($next, $house->prices, $memory->intervals());
        DB::table('dog_memories')->upsert(
            [['dog_id' => $dog->id, 'revision' => $revision, 'report' => json_encode($report, JSON_THROW_ON_ERROR)]],
            ['dog_id'],
            ['revision', 'report'],
        );

        return $report;
    }

    private function writeCombedOut(Dog $dog, DogMemory $memory): void
    {
        DB::table('combed_out')->where('dog_id', $dog->id)->delete();
        $rows = [];
        foreach ($memory->combedOutOn as $section => $at) {
            $rows[] = ['dog_id' => $dog->id, 'section' => $section, 'at' => $at->format(self::TIME)];
        }
        DB::table('combed_out')->insert($rows);
    }

    /** @return Collection<int, \stdClass> `arrived_at` and `memory` of the visits that ended before one, by time */
    public function rowsBefore(Visit $visit): Collection
    {
        DrawnFrom::read(Source::Dog, $visit->dog_id);

        return Visit::query()
            ->where('dog_id', $visit->dog_id)
            ->whereNotNull('memory')
            ->where('arrived_at', '<', $visit->arrived_at)
            ->orderBy('arrived_at')->orderBy('id')
            ->toBase()
            ->get(['arrived_at', 'memory']);
    }

    /** @return list<VisitTells> of visits that have ended, by time */
    private function tells(string $dogId, ?\DateTimeInterface $before = null): array
    {
        DrawnFrom::read(Source::Dog, $dogId);
        $memories = Visit::query()
            ->where('dog_id', $dogId)
            ->whereNotNull('memory')
            ->when($before !== null, fn($visits) => $visits->where('arrived_at', '<', $before))
            ->orderBy('arrived_at')->orderBy('id')
            ->toBase()
            ->pluck('memory');

        return array_map(
            fn(string $memory): VisitTells => VisitTells::fromArray(json_decode($memory, true, flags: JSON_THROW_ON_ERROR)),
            array_values($memories->all()),
        );
    }
}

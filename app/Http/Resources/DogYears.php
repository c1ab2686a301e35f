<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dog;
use App\Models\Finding;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\MemoryBook;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Memory\VisitTells;
use HoundCheck\Core\Visit\HowItWas;
use Illuminate\Support\Collection;

/** A dog over the years: its visits, its skin, how it is to handle, and when it should come again. */
final readonly class DogYears
{
    public function __construct(private MemoryBook $memory) {}

    /** @return array<string, mixed> without the card */
    public function of(Dog $dog): array
    {
        $visits = Visit::query()
            ->where('dog_id', $dog->id)
            ->whereNotNull('memory')
            ->orderBy('arrived_at')->orderBy('id')
            ->toBase()
            ->get(['id', 'arrived_at', 'grades', 'memory']);

        $names = Staff::names();

        return [
            'visits' => array_values($visits->map(self::visit(...))->all()),
            'next' => $this->memory->report($dog),
            'handling' => HandlingJson::of($visits, $dog),
            'findings' => $this->findings($dog, $names),
            'photos' => PhotoJson::ofDog($dog->id, $names),
        ];
    }

    /** @return array<string, mixed> */
    private static function visit(\stdClass $visit): array
    {
        $memory = json_decode($visit->memory, true, flags: JSON_THROW_ON_ERROR);
        $tells = VisitTells::fromArray($memory);

        return [
            'id' => $visit->id,
            'at' => Iso::of(CarbonImmutable::parse($visit->arrived_at)),
            'grades' => $visit->grades,
            'cameMm' => $tells->cameInMm,
            'leftMm' => $tells->leftMm,
            'weightKg' => HowItWas::fromArray($memory['was'])->weightKg,
            'minutes' => $tells->workedMinutes,
            'pulling' => $tells->borneMinutes,
        ];
    }

    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return list<array<string, mixed>>
     */
    private function findings(Dog $dog, Collection $names): array
    {
        $findings = Finding::query()
            ->where('dog_id', $dog->id)
            ->orderByDesc('noted_at')->orderBy('id')
            ->get()
            ->sortBy(fn(Finding $finding): bool => $finding->closed_at !== null);

        return array_values($findings->map(fn(Finding $finding): array => [
            'id' => $finding->id,
            'section' => $finding->section->value,
            'kind' => $finding->kind->value,
            'note' => $finding->note,
            'at' => Iso::of($finding->noted_at),
            'by' => $names[$finding->noted_by] ?? '',
            'closedAt' => Iso::of($finding->closed_at),
        ])->all());
    }
}

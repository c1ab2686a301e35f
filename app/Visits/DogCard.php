<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
use HoundCheck\Core\Dog\Dog as DogOfTheDay;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Visit\LeftForLater;
use HoundCheck\Core\Visit\VisitState;

/**
 * The dog's card and a visit.
 *
 * The card is not a projection: only an answer given on arrival (or taken back) changes it, at the moment it is given, and
 * only what that answer is about. Nothing that is folded or rebuilt later writes to it.
 */
final readonly class DogCard
{
    public function __construct(private MemoryBook $memory) {}

    /** @return array<string, mixed> what is known of the dog when it comes in */
    public function arrivalPayload(Dog $dog, Arrival $arrival): array
    {
        $last = $this->lastState($dog);
        $continues = $last === null ? null : LeftForLater::since($last);

        return array_filter([
            'visit' => $continues?->visit,
            'ofVisits' => $continues?->of,
            'leftForToday' => $continues === null ? null : array_column($continues->left, 'value'),
            'weightKg' => $dog->weight_kg,
            'coat' => $dog->coat->value,
            'primitive' => $dog->primitive,
            ...$this->lengths($dog, $arrival),
            'ageMonths' => $dog->ageMonths($arrival->at),
            'temperament' => $dog->temperament->value,
            'health' => $dog->health,
            'asks' => $dog->to_ask === null ? null : array_keys($dog->to_ask),
            'entireMale' => $dog->entire && $dog->sex === 'male',
            'standsMinutes' => $dog->stands_minutes,
            'liesDown' => $dog->lies_down ?: null,
            'wary' => $last?->run->leavesWary() ?: null,
            'slotMinutes' => $arrival->slotMinutes,
        ], fn(mixed $value): bool => $value !== null);
    }

    /**
     * As they have grown since the last visit left them, to the millimetre: a guess until somebody measures.
     *
     * @return array<string, mixed>
     */
    private function lengths(Dog $dog, Arrival $arrival): array
    {
        $memory = $this->memory->of($dog, HouseRulesVersion::current()->toCore()->memory);
        $grown = $memory->grownMm($arrival->at->toDateTimeImmutable());

        return $grown === null ? ['coatMm' => $dog->coat_mm, 'sectionMm' => $dog->section_mm] : [
            'coatMm' => $grown[0],
            'sectionMm' => $grown[1],
            'lengthsFrom' => $memory->last()?->at->format('Y-m-d'),
        ];
    }

    /** Its last visit, as its marks tell it. */
    private function lastState(Dog $dog): ?VisitState
    {
        $last = Visit::query()->where('dog_id', $dog->id)->latest('arrived_at')->latest('id')->first();

        return $last === null ? null : VisitMarks::load($last)->state();
    }

    /**
     * After marks were taken: what was said about the dog goes on its card, if this is its latest visit. An answer taken
     * back takes off what it said, unless somebody wrote something else on the card since.
     *
     * @param bool $answered an answer was among the marks
     */
    public function follow(Visit $visit, VisitState $before, VisitState $after, bool $answered): void
    {
        $was = self::facts($before->dog());
        $said = array_filter(
            self::facts($after->dog()),
            fn(mixed $value, string $fact): bool => $value !== $was[$fact],
            ARRAY_FILTER_USE_BOTH,
        );
        $dog = Dog::query()->whereKey($visit->dog_id)->firstOrFail();
        $mayFollow = fn(mixed $value, string $fact): bool => $answered || $dog->getAttribute($fact) === $was[$fact];
        $changes = $said === [] || $this->isOutdated($visit) ? [] : array_filter($said, $mayFollow, ARRAY_FILTER_USE_BOTH);
        $this->tellAsked($dog, $visit, $before, $after);
        $dog->fill($changes)->moveOn();
    }

    /** What was asked is answered on the card too; an answer that was taken back leaves it to be asked again. */
    private function tellAsked(Dog $dog, Visit $visit, VisitState $before, VisitState $after): void
    {
        $was = array_column($before->arrival->toAsk(), 'value');
        $is = array_column($after->arrival->toAsk(), 'value');
        if ($was === $is || $this->isOutdated($visit)) {
            return;
        }
        $again = array_map(fn(string $fact): ?array => $fact === 'health' ? [] : null, array_combine(array_diff($is, $was), array_diff($is, $was)));
        $dog->answered(array_values(array_diff($was, $is)));
        $again === [] ?: $dog->fill(['to_ask' => [...($dog->to_ask ?? []), ...$again]]);
    }

    private function isOutdated(Visit $visit): bool
    {
        return Visit::query()->where('dog_id', $visit->dog_id)->where('arrived_at', '>', $visit->arrived_at)->exists();
    }

    /** @return array<string, mixed> by column of the card */
    private static function facts(DogOfTheDay $dog): array
    {
        return [
            'weight_kg' => $dog->weightKg,
            'coat_mm' => $dog->coatMm,
            'temperament' => $dog->temperament,
            'health' => array_map(fn(HealthFact $fact): string => $fact->value, $dog->health),
            'stands_minutes' => $dog->standsMinutes,
            'lies_down' => $dog->liesDown,
        ];
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\HouseRules;

/** What a dog comes in with, as far as its clock knows: said before the comb touches it. */
final readonly class Expected
{
    /** From so likely a mat on, a place is looked at first. */
    private const LOOK_FROM = 0.25;

    /** So many at most: a dog that is to be looked at everywhere first is looked at nowhere first. */
    private const LOOK_AT = 8;

    /**
     * @param int $days since the last full comb-out
     * @param array<string, array<int, float>> $chances of each grade 2–5 or worse, by section id; one that nobody knows is missing
     * @param float $tangles places at Tangle or worse
     * @param float $mats places at Mat or worse
     * @param float $minutes at the table, as this dog's mats were dealt with before
     * @param float $tension minutes of pulling
     * @param bool $isOwn by this dog's own visits; else by the usual dog of its coat
     * @param float $habit of its mats, as `WorkHabit` gives it; `$minutes` are with it
     */
    private function __construct(
        public int $days,
        public array $chances,
        public float $tangles,
        public float $mats,
        public float $minutes,
        public float $tension,
        public bool $isOwn,
        public float $habit,
    ) {}

    /**
     * @param Dog $dog as it stands there, with its lengths
     * @param DogMemory $memory of its visits before this one
     * @param DogsClock|null $clock in place of what `$memory` has learned, such as the usual dog's
     * @param int|null $daysAsTold counts for a dog that was never combed out here
     *
     * @return self|null null: nobody knows when it was combed out
     */
    public static function of(
        Dog $dog,
        LifeAtHome $life,
        DogMemory $memory,
        ?int $daysAsTold,
        bool $washedOverKnots,
        \DateTimeImmutable $at,
        HouseRules $house,
        ?DogsClock $clock = null,
    ): ?self {
        if ($memory->combedOutOn === [] && ($daysAsTold ?? 0) === 0) {
            return null;
        }
        $clock ??= $memory->clock();
        $scale = new MattingScale($dog->coat, $house->memory);
        $forecaster = new Forecaster($dog, $clock, $house);
        $cameIn = [];
        foreach (Section::cases() as $section) {
            $cameIn[$section->value] = $dog->lengthMm($section);
        }
        $effort = $forecaster->effortOf(new LeftCoat($dog->coat, $dog->coatMm, $cameIn, $house->memory), 0);
        $lengths = $memory->lengthsSince($cameIn);
        $told = $memory->combedOutOn === [] ? (float) $daysAsTold : 0.0;
        $chances = [];
        $tangles = $mats = $minutes = $tension = $longest = 0.0;
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $days = $memory->daysSince($section, $at) ?? $told;
            $longest = max($longest, $days);
            $here = $days > 0
                ? $clock->chances($section, $scale->exposure($section, $days, $lengths[$id], $life))
                : array_fill(Grade::Tangle->value, 4, 0.0);
            if ($days > 0) {
                $chances[$id] = $here = $washedOverKnots ? self::tighter($here) : $here;
            }
            $tangles += $here[Grade::Tangle->value];
            $mats += $here[Grade::Mat->value];
            [$work, $pulling] = $forecaster->work($section, $here, $effort);
            $minutes += $work;
            $tension += $pulling;
        }

        $habit = WorkHabit::factor($dog, $memory, $house);

        return new self((int) $longest, $chances, $tangles, $mats, $habit * $minutes, $tension, $memory->intervals() > 0, $habit);
    }

    /** How likely a mat is at a section, 0–1; null: nobody knows. */
    public function matChance(Section $section): ?float
    {
        return $this->chances[$section->value][Grade::Mat->value] ?? null;
    }

    /** @return list<Section> where a mat is likeliest, of a dog whose own clock is known: looked at first */
    public function likeliest(): array
    {
        $mats = array_map(fn(array $chances): float => $chances[Grade::Mat->value], $this->isOwn ? $this->chances : []);
        arsort($mats);
        $likely = array_filter($mats, fn(float $chance): bool => $chance >= self::LOOK_FROM);

        return array_map(Section::from(...), array_slice(array_keys($likely), 0, self::LOOK_AT));
    }

    /**
     * Washed and air-dried over: what would be a tangle is a mat.
     *
     * @param array<int, float> $chances
     *
     * @return array<int, float>
     */
    private static function tighter(array $chances): array
    {
        return [2 => $chances[2], 3 => $chances[2], 4 => $chances[3], 5 => $chances[4]];
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;

/** A dog as its visits leave it: combed out when, how long, and what every inspection told of the days before. */
final readonly class DogMemory
{
    private const DAY_SECONDS = 86_400;

    /**
     * @param list<VisitTells> $visits by time
     * @param array<string, \DateTimeImmutable> $combedOutOn by section id
     * @param list<PastInterval> $past
     */
    private function __construct(
        public CoatType $coat,
        public array $visits,
        public array $combedOutOn,
        private array $past,
        private MemoryRules $rules,
        private ?float $naturalMm,
    ) {}

    /**
     * @param list<VisitTells> $visits that have ended, by time
     * @param float|null $naturalMm the length this dog's coat grows to, from its card
     */
    public static function of(CoatType $coat, array $visits, MemoryRules $rules, ?float $naturalMm = null): self
    {
        $combedOutOn = $left = $past = [];
        foreach ($visits as $index => $visit) {
            $sections = $lengths = [];
            foreach (Section::cases() as $section) {
                $id = $section->value;
                $grade = $visit->found[$id] ?? null;
                // A new dog has been combed out when its owner says; later the salon knows it better.
                $days = isset($combedOutOn[$id])
                    ? self::days($combedOutOn[$id], $visit->at)
                    : ($index === 0 ? (float) $visit->daysAsTold : 0.0);
                if ($grade !== null && $days > 0) {
                    $sections[$id] = [$days, $grade];
                }
                $lengths[$id] = (($left[$id] ?? $visit->cameInMm[$id]) + $visit->cameInMm[$id]) / 2;
            }
            if ($sections !== []) {
                $past[] = new PastInterval($visit->life, $lengths, $sections, $visit->washedOverKnots);
            }
            foreach ($visit->combedOut as $section) {
                $combedOutOn[$section->value] = $visit->at;
            }
            $left = $visit->leftMm;
        }

        return new self($coat, $visits, $combedOutOn, $past, $rules, $naturalMm);
    }

    /** With one visit more, as if it ended now. */
    public function and(VisitTells $visit): self
    {
        return self::of($this->coat, [...$this->visits, $visit], $this->rules, $this->naturalMm);
    }

    public function last(): ?VisitTells
    {
        return $this->visits === [] ? null : $this->visits[count($this->visits) - 1];
    }

    public function clock(): DogsClock
    {
        return DogsClock::learned($this->coat, $this->past, $this->rules);
    }

    /** How many inspections speak for its clock. */
    public function intervals(): int
    {
        return count($this->past);
    }

    /** The coat as it was left by the last visit; null: it was never here. */
    public function leftCoat(): ?LeftCoat
    {
        $last = $this->last();

        return $last === null ? null : new LeftCoat($this->coat, self::usual($last->leftMm), $last->leftMm, $this->rules, $this->naturalMm);
    }

    /**
     * The next visit, as the last one left the dog; null: it was never here.
     *
     * @param Dog $dog as it is now
     */
    public function nextVisit(Dog $dog, HouseRules $house): ?NextVisit
    {
        [$last, $coat] = [$this->last(), $this->leftCoat()];
        if ($last === null || $coat === null) {
            return null;
        }
        return new NextVisit(
            $dog,
            $coat,
            $last->life->atAge($dog->ageMonths),
            $this->clock(),
            $house,
        );
    }

    /**
     * Lengths as they have grown by a day: a guess until somebody measures.
     *
     * @return array<string, float>|null mm by section id; null: it was never here
     */
    public function lengthsMm(\DateTimeImmutable $at): ?array
    {
        $last = $this->last();

        return $last === null ? null : $this->leftCoat()?->lengthsMm(max(0.0, self::days($last->at, $at)));
    }

    /**
     * The same to the millimetre: one length of the coat, and those that differ.
     *
     * @return array{float, array<string, float>}|null mm, mm by section id; null: it was never here
     */
    public function grownMm(\DateTimeImmutable $at): ?array
    {
        $grown = $this->lengthsMm($at);
        if ($grown === null) {
            return null;
        }
        $lengths = array_map(fn(float $mm): float => round(max(1.0, $mm)), $grown);
        $coat = self::usual($lengths);

        return [$coat, array_filter($lengths, fn(float $mm): bool => $mm !== $coat)];
    }

    /**
     * Lengths in the middle of the days since the last visit.
     *
     * @param array<string, float> $cameInMm of all 30 sections, by section id
     *
     * @return array<string, float>
     */
    public function lengthsSince(array $cameInMm): array
    {
        $left = $this->last()?->leftMm;

        $middle = [];
        foreach ($cameInMm as $id => $mm) {
            $middle[$id] = ($mm + ($left[$id] ?? $mm)) / 2;
        }

        return $middle;
    }

    /** Days since a section was combed out or clipped here; null: never. */
    public function daysSince(Section $section, \DateTimeImmutable $at): ?float
    {
        $on = $this->combedOutOn[$section->value] ?? null;

        return $on === null ? null : self::days($on, $at);
    }

    /**
     * The length that most of the dog has, by its share of the body.
     *
     * @param array<string, float> $lengths of all 30 sections, by section id
     */
    public static function usual(array $lengths): float
    {
        $shares = [];
        foreach (Section::cases() as $section) {
            $mm = (string) $lengths[$section->value];
            $shares[$mm] = ($shares[$mm] ?? 0.0) + $section->share();
        }

        return (float) array_search(max($shares), $shares, true);
    }

    /** Whole days, as people count them: a visit in the morning and one in the afternoon are as far apart. */
    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return round(($to->getTimestamp() - $from->getTimestamp()) / self::DAY_SECONDS);
    }
}

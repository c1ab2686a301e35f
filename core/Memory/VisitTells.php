<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;

/** What one visit tells of the days before it, and how the dog went home from it. */
final readonly class VisitTells
{
    /**
     * @param \DateTimeImmutable $at the dog came in
     * @param int|null $daysAsTold since the last full comb-out, as the owner told it
     * @param array<string, Grade> $found the grade in force by section id; a section that nobody combed is missing
     * @param array<string, float> $cameInMm of all 30 sections, by section id
     * @param array<string, float> $leftMm of all 30 sections, by section id
     * @param list<Section> $combedOut to the skin, or clipped
     * @param float $workedMinutes at the table by the rules' reckoning, work that is done only
     * @param float $borneMinutes of tension
     */
    public function __construct(
        public \DateTimeImmutable $at,
        public LifeAtHome $life,
        public bool $washedOverKnots,
        public ?int $daysAsTold,
        public array $found,
        public array $cameInMm,
        public array $leftMm,
        public array $combedOut,
        public float $workedMinutes,
        public float $borneMinutes,
    ) {}

    /** @return array<string, mixed> as `fromArray()` reads it */
    public function toArray(): array
    {
        return [
            'at' => $this->at->format(\DateTimeInterface::RFC3339_EXTENDED),
            'home' => $this->life->home->value,
            'shown' => $this->life->shown,
            'gear' => array_column($this->life->gear, 'value'),
            'air_dries' => $this->life->airDries,
            'chewed' => array_column($this->life->chewed, 'value'),
            'age_months' => $this->life->ageMonths,
            'washed' => $this->washedOverKnots,
            'told' => $this->daysAsTold,
            'found' => array_map(fn(Grade $grade): int => $grade->value, $this->found),
            'came_mm' => self::inOrder($this->cameInMm),
            'left_mm' => self::inOrder($this->leftMm),
            'combed' => array_column($this->combedOut, 'value'),
            'minutes' => $this->workedMinutes,
            'borne' => $this->borneMinutes,
        ];
    }

    /** @param array<string, mixed> $tells what `toArray()` wrote */
    public static function fromArray(array $tells): self
    {
        return new self(
            new \DateTimeImmutable($tells['at']),
            new LifeAtHome(
                HomeBrushing::from($tells['home']),
                $tells['shown'],
                array_values(array_map(Gear::from(...), $tells['gear'])),
                $tells['air_dries'],
                array_values(array_map(Section::from(...), $tells['chewed'])),
                $tells['age_months'],
            ),
            $tells['washed'],
            $tells['told'],
            array_map(Grade::from(...), $tells['found']),
            self::byId($tells['came_mm']),
            self::byId($tells['left_mm']),
            array_values(array_map(Section::from(...), $tells['combed'])),
            (float) $tells['minutes'],
            (float) $tells['borne'],
        );
    }

    /**
     * @param array<string, float> $lengths
     *
     * @return list<float>
     */
    private static function inOrder(array $lengths): array
    {
        return array_map(fn(Section $section): float => $lengths[$section->value], Section::cases());
    }

    /**
     * @param list<int|float> $lengths
     *
     * @return array<string, float>
     */
    private static function byId(array $lengths): array
    {
        return array_combine(array_column(Section::cases(), 'value'), array_map(floatval(...), $lengths));
    }
}

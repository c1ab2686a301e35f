<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\MemoryRules;

/** The lengths a dog went home with, and how hair grows from there. A guess until somebody measures. */
final readonly class LeftCoat
{
    /** A calendar month in days, the mean of the year. */
    private const DAYS_A_MONTH = 30.4;

    /**
     * @param float $coatMm over 0
     * @param array<string, float> $sectionMm lengths that differ, in mm, by section id
     * @param float|null $naturalMm the length this dog's coat grows to, from its card; null: the usual one of its coat
     */
    public function __construct(
        private CoatType $coat,
        public float $coatMm,
        public array $sectionMm,
        private MemoryRules $rules,
        private ?float $naturalMm = null,
    ) {}

    /** The same dog with all of it cut to one length. */
    public function cutTo(float $mm): self
    {
        return new self($this->coat, $mm, [], $this->rules, $this->naturalMm);
    }

    public function leftMm(Section $section): float
    {
        return $this->sectionMm[$section->value] ?? $this->coatMm;
    }

    /**
     * Hair never gets shorter by itself: what was left longer than it usually grows stays as it was left. A double or smooth
     * coat whose natural length nobody knows stays as it was left too.
     *
     * @param float $days since it was cut or measured, 0 or more
     *
     * @return float mm
     */
    public function lengthMm(Section $section, float $days): float
    {
        $left = $this->leftMm($section);
        $natural = $this->naturalMm ?? $this->rules->naturalMm[$this->coat->value] ?? $left;

        return max($left, min($natural, $left + $this->rules->growthMmAMonth[$this->coat->value] * $days / self::DAYS_A_MONTH));
    }

    /** @return array<string, float> mm of all 30 sections, by section id */
    public function lengthsMm(float $days): array
    {
        $lengths = [];
        foreach (Section::cases() as $section) {
            $lengths[$section->value] = $this->lengthMm($section, $days);
        }

        return $lengths;
    }
}

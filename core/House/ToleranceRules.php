<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** What one visit may ask a dog to bear: rules of thumb, never clinical limits. Minutes are tension minutes. */
final readonly class ToleranceRules
{
    /**
     * @param array<int, float> $pullByGrade how hard opening a mat pulls, by grade 2–4
     * @param float $clipTension part of the clip minutes that pulls, from grade 4 on
     * @param array<string, float> $byAge factor by age group
     * @param array<string, float> $byTemperament factor by temperament
     * @param array<string, float> $byHealth factors by health fact, multiplied
     */
    public function __construct(
        public float $baseMinutes = 30.0,
        public float $leastMinutes = 5.0,
        public float $mostMinutes = 45.0,
        public float $sectionCapMinutes = 10.0,
        public array $pullByGrade = [2 => 0.5, 3 => 1.0, 4 => 1.6],
        public float $clipTension = 0.1,
        public array $byAge = ['young_puppy' => 0.35, 'puppy' => 0.7, 'adult' => 1.0, 'senior' => 0.5],
        public array $byTemperament = ['settled' => 1.2, 'easy' => 1.0, 'wriggly' => 0.7, 'anxious' => 0.6, 'mouthy' => 0.4],
        public array $byHealth = ['joint_pain' => 0.6, 'heart_or_airway' => 0.5, 'skin_allergy' => 0.8, 'recent_surgery' => 0.5],
    ) {}
}

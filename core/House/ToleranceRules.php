<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** What one visit may ask a dog to bear: rules of thumb, never clinical limits. Minutes are tension minutes. */
final readonly class ToleranceRules
{
    /**
     * @param array<int, float> $pullByGrade how hard opening a mat pulls, by grade 2–4
     * @param float $sectionCapMinutes that one section may ask at most
     * @param float $sectionCapPart and no more than the dog's tolerance divided by this
     * @param float $frailMinutes a dog of less tolerance has nothing opened or thinned from grade 3 on
     * @param float $tightClipTension part of the clip minutes that pulls at a tight mat
     * @param float $drawnClipTension the same where a pelt, or a mat close to the skin, is drawn up for the blade
     * @param float $rednessFactor on opening and thinning where the skin is red
     * @param float $inSeasonFactor on pulling at the groin of a bitch in season
     * @param array<string, float> $byAge factor by age group
     * @param array<string, float> $byTemperament factor by temperament
     * @param array<string, float> $byHealth factors by health fact, multiplied
     * @param float $firstGroomFactor of a dog that was never groomed
     * @param float $waryFactor of a dog whose last visit ended with mouthing or a snap: trust is spent by pulling
     */
    public function __construct(
        public float $baseMinutes = 30.0,
        public float $mostMinutes = 45.0,
        public float $sectionCapMinutes = 10.0,
        public float $sectionCapPart = 3.0,
        public float $frailMinutes = 5.0,
        public array $pullByGrade = [2 => 0.5, 3 => 1.0, 4 => 1.6],
        public float $tightClipTension = 0.15,
        public float $drawnClipTension = 0.3,
        public float $rednessFactor = 1.5,
        public float $inSeasonFactor = 1.5,
        public array $byAge = ['young_puppy' => 0.35, 'puppy' => 0.7, 'adult' => 1.0, 'senior' => 0.5, 'old_senior' => 0.35],
        public array $byTemperament = ['settled' => 1.2, 'easy' => 1.0, 'wriggly' => 0.7, 'anxious' => 0.6, 'mouthy' => 0.4],
        public array $byHealth = ['joint_pain' => 0.6, 'heart_or_airway' => 0.5, 'skin_allergy' => 0.8, 'recent_surgery' => 0.5, 'short_nosed' => 0.8],
        public float $firstGroomFactor = 0.7,
        public float $waryFactor = 0.7,
    ) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** How fast coats mat: a trade's rules of thumb, starting values that a salon edits. Factors have no unit. */
final readonly class MattingRules
{
    /**
     * @param array<string, float> $medianDaysByCoat the usual dog's clock in days; `silky_long` from 76 mm on
     * @param array<string, float> $byHomeBrushing factor on the days
     * @param array<int, float> $byGrade factor on the days until a section reaches the grade, 2–5
     * @param array<string, float> $byPart factor on the days by part of the body: under 1 mats sooner
     * @param float $harnessFactor where a harness rubs
     * @param float $collarFactor where a collar rubs
     */
    public function __construct(
        public array $medianDaysByCoat = ['silky_long' => 100.0, 'silky' => 160.0, 'curly' => 130.0, 'mixed' => 180.0, 'double' => 220.0, 'wire' => 300.0, 'smooth' => 1200.0],
        public array $byHomeBrushing = ['none' => 1.0, 'top_only' => 1.1, 'weekly' => 1.5, 'twice_a_week' => 2.2],
        public array $byGrade = [2 => 0.65, 3 => 1.0, 4 => 1.45, 5 => 2.2],
        public array $byPart = [
            'behind_ear' => 0.55, 'armpit' => 0.6, 'ear' => 0.8, 'breeches' => 0.8, 'groin' => 0.8, 'tail' => 0.85, 'tuckup' => 0.9, 'belly' => 0.9,
            'hindfoot' => 0.9, 'forefoot' => 0.95, 'chest' => 0.95, 'muzzle' => 1.0, 'neck' => 1.0, 'hindleg' => 1.0, 'foreleg' => 1.05,
            'shoulder' => 1.2, 'crown' => 1.25, 'side' => 1.35, 'back' => 1.6,
        ],
        public float $harnessFactor = 0.75,
        public float $collarFactor = 0.85,
    ) {}
}

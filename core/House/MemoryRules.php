<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/**
 * How fast coats grow and mat, and what is kept short or brushed at home for it: a trade's rules of thumb, starting values.
 * Factors have no unit.
 */
final readonly class MemoryRules
{
    /**
     * @param array<string, float> $daysByCoat the usual dog's clock at 60 mm, not brushed at home, in days
     * @param array<int, float> $byGrade factor on the days until a section reaches the grade, 2–5
     * @param array<string, float> $byPart factor on the days by part of the body: under 1 mats sooner
     * @param array<string, float> $byGear factor on the days where the gear rubs
     * @param float $coatChangeFactor on the days while the adult coat grows into the puppy's
     * @param float $airDryFactor on the days while the owner lets it dry by itself after baths at home
     * @param float $chewedFactor on the days where the dog chews or licks
     * @param array<string, float> $brushEveryDays by home brushing: how long hair lies unbrushed
     * @param float $leftAsTold part of the hazard that brushing to the skin leaves, as the owner tells it, 0–1
     * @param float $leftAsShown the same where the owner showed the comb test
     * @param float $leftByTheTop the same where only the top is brushed
     * @param array<string, float> $growthMmAMonth by coat
     * @param array<string, float> $naturalMm by coat: it grows no longer; a coat that is missing grows only as far as its card says
     * @param float $keepableMatsSeen expected mats where they show, fewer than this
     * @param float $keepableTensionPart tension at most this part of what the dog bears, 0–1
     * @param float $keepableLost part of the coat that shows which would have to go, at most, 0–1
     * @param float $keepableLostDouble the same for a double coat, which grows back unevenly
     * @param array<string, float> $mostWeeks by coat: the longest interval that its cut allows
     * @param float $otherMostWeeks the same for the other coats
     * @param list<float> $keepableCutsMm lengths that are held against each other for the whole dog
     * @param float $ownerFactor an owner takes this many times a groomer's line minutes
     */
    public function __construct(
        public array $daysByCoat = ['silky' => 95.0, 'curly' => 90.0, 'mixed' => 110.0, 'double' => 260.0, 'wire' => 300.0, 'smooth' => 900.0],
        public array $byGrade = [2 => 0.65, 3 => 1.0, 4 => 1.7, 5 => 2.8],
        public array $byPart = [
            'behind_ear' => 0.55, 'armpit' => 0.6, 'ear' => 0.8, 'breeches' => 0.8, 'groin' => 0.8, 'tail' => 0.85, 'tuckup' => 0.9, 'belly' => 0.9,
            'hindfoot' => 0.9, 'forefoot' => 0.95, 'chest' => 0.95, 'muzzle' => 1.0, 'neck' => 1.0, 'hindleg' => 1.0, 'foreleg' => 1.05,
            'shoulder' => 1.2, 'crown' => 1.25, 'side' => 1.35, 'back' => 1.6,
        ],
        public array $byGear = ['harness' => 0.75, 'collar' => 0.85, 'coat' => 0.8, 'belly_band' => 0.8, 'wet_legs' => 0.85],
        public float $coatChangeFactor = 0.6,
        public float $airDryFactor = 0.75,
        public float $chewedFactor = 0.7,
        public array $brushEveryDays = ['top_only' => 3.5, 'weekly' => 7.0, 'twice_a_week' => 3.5, 'daily' => 1.0],
        public float $leftAsTold = 0.3,
        public float $leftAsShown = 0.15,
        public float $leftByTheTop = 0.85,
        public array $growthMmAMonth = ['silky' => 12.0, 'curly' => 12.0, 'mixed' => 12.0, 'wire' => 10.0, 'double' => 8.0, 'smooth' => 0.0],
        public array $naturalMm = ['silky' => 200.0, 'curly' => 150.0, 'mixed' => 150.0, 'wire' => 60.0],
        public float $keepableMatsSeen = 2.0,
        public float $keepableTensionPart = 0.5,
        public float $keepableLost = 0.04,
        public float $keepableLostDouble = 0.06,
        public array $mostWeeks = ['silky' => 8.0, 'curly' => 8.0, 'mixed' => 8.0],
        public float $otherMostWeeks = 12.0,
        public array $keepableCutsMm = [13.0, 25.0, 40.0, 60.0],
        public float $ownerFactor = 1.7,
    ) {}
}

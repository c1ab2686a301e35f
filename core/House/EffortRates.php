<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/**
 * How long the work takes: a trade's rules of thumb, starting values that a salon edits.
 *
 * Tables are keyed by coat type or by grade. Factors have no unit.
 */
final readonly class EffortRates
{
    /**
     * @param float $layerMm thickness of one layer: about a finger's width
     * @param float $combCheckFactor what the comb check adds to a line
     * @param array<string, float> $paceByCoat factor on line minutes
     * @param array<int, float> $matSecondsPerSquareCm by grade 2–4
     * @param array<string, float> $matFactorByCoat factor on mat minutes
     * @param float $lineLengthAtZero length factor of a line in a bare coat
     * @param float $lineLengthMm mm of coat that add one whole to it
     * @param float $moultLineFactor on lines in moult: double, mixed and smooth coats
     * @param float $splittingToolFactor on the mat minutes of grades 3 and 4 where the house allows a splitting tool
     * @param float $thinningFactor part of the mat minutes (and of the pulling) left when mats are thinned
     * @param float $wetLengthAtZero length factor of bath and dryer in a bare coat
     * @param float $wetLengthPerMm what each mm of coat adds to it
     * @param array<string, float> $dryFactorByCoat factor on drying minutes
     * @param float $moultDryFactor on drying in moult
     * @param array<string, float> $bathFactorByCoat factor on bath minutes
     * @param float $usualLow part of a forecast that quick work takes, until the salon's own clock knows better
     * @param float $usualHigh part of a forecast that slow work takes
     * @param float $secondCheckPart part of the whole coat's line minutes that the comb check after the dryer takes
     * @param float $talkMinutes with the client, on arrival
     * @param float $cleanUpMinutes after each dog
     * @param float $fleaCleanUpMinutes after a dog with fleas
     * @param array<string, float> $finishSecondsByStyle per square cm of the dog, on the base of a full groom
     * @param float $nailsMinutes on top of a groom
     * @param float $nailsAndTidyMinutes of that service alone
     * @param float $stripBaseMinutes stripping by hand before the bath
     */
    public function __construct(
        public float $layerMm = 15.0,
        public float $combCheckFactor = 1.2,
        public float $lineSecondsPerCm = 0.30,
        public array $paceByCoat = ['silky' => 1.0, 'curly' => 1.15, 'double' => 1.1, 'wire' => 0.8, 'smooth' => 0.35, 'mixed' => 1.0],
        public float $lineLengthAtZero = 0.3,
        public float $lineLengthMm = 67.0,
        public float $lineLengthMin = 0.4,
        public float $lineLengthMax = 2.0,
        public float $moultLineFactor = 1.4,
        public array $matSecondsPerSquareCm = [2 => 0.6, 3 => 2.0, 4 => 4.0],
        public array $matFactorByCoat = ['silky' => 0.9, 'curly' => 1.2, 'double' => 1.0, 'wire' => 0.9, 'smooth' => 0.6, 'mixed' => 1.0],
        public float $splittingToolFactor = 0.8,
        public float $thinningFactor = 0.55,
        public float $clipSecondsPerSquareCm = 0.25,
        public float $wetLengthAtZero = 0.6,
        public float $wetLengthPerMm = 0.01,
        public float $wetLengthMax = 2.0,
        public float $dryBaseMinutes = 5.0,
        public float $dryerSecondsPerSquareCm = 0.25,
        public float $moultDryFactor = 1.15,
        public array $dryFactorByCoat = ['smooth' => 0.5, 'wire' => 0.7, 'silky' => 0.9, 'mixed' => 1.0, 'curly' => 1.2, 'double' => 1.5],
        public float $bathBaseMinutes = 6.0,
        public float $bathSecondsPerSquareCm = 0.06,
        public array $bathFactorByCoat = ['smooth' => 0.7, 'wire' => 0.8, 'silky' => 1.0, 'mixed' => 1.1, 'curly' => 1.2, 'double' => 1.5],
        public float $usualLow = 0.8,
        public float $usualHigh = 1.3,
        public float $inspectionBaseMinutes = 3.0,
        public float $inspectionSecondsPerSquareCm = 0.02,
        public float $talkMinutes = 5.0,
        public float $secondCheckPart = 0.2,
        public float $finishBaseMinutes = 10.0,
        public array $finishSecondsByStyle = [
            'left_long' => 0.1, 'body_clipped' => 0.35, 'scissored_all_over' => 0.45, 'double_tidied' => 0.05, 'wire_clipped' => 0.2,
            'hand_stripped' => 0.05,
        ],
        public float $bathAndBrushBaseMinutes = 5.0,
        public float $bathAndBrushSecondsPerSquareCm = 0.03,
        public float $nailsAndTidyMinutes = 15.0,
        public float $nailsMinutes = 3.0,
        public float $stripBaseMinutes = 10.0,
        public float $stripSecondsPerSquareCm = 1.0,
        public float $cleanUpMinutes = 5.0,
        public float $fleaCleanUpMinutes = 10.0,
    ) {}
}

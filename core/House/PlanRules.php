<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\Section;

/** How treatments are weighed and what is not offered. */
final readonly class PlanRules
{
    /**
     * @param array<int, float> $dematLoss part of the matted hair lost by dematting, by grade 2–4
     * @param array<int, float> $thinningCloses closes of the thinning shear that open a mat, by grade 3–4
     * @param float $thinningLiftMm least gap for a comb between mat and skin
     * @param float $thinSkinLiftMm the same at ears, tuck-ups and belly
     * @param float $fineTeethMm longest blade at matted hair where loose skin falls between long teeth
     * @param float $tenderClipOnlyFrom grade from which armpits and groin are clipped only, 2 or 3
     * @param float $nearlyFrom part of the length that the client wants from which a shorter cut is nearly as good
     * @param float $nearlyKeeps what such a cut keeps
     * @param float $prize how much more a place counts that owners care about beyond its area
     * @param float $evenFrom part of the longest length from which two lengths look even
     * @param float $keepPerTensionMinute part of the coat that a minute of pulling has to keep, for a dog that bears 30
     * @param float $clipEarlyFactor on that, in a house that clips early
     * @param array<int, float> $assumedLiftMm lift when nobody measured it, by grade 2–5
     * @param array<int, float> $assumedMattedShare matted share when nobody judged it, by grade 2–5
     * @param float $shortestClipMm a shorter blade can cut skin and is never planned
     * @param float $doubleCoatLeastMm under this a double coat may regrow unevenly, or for long not at all
     * @param bool $tenderPlacesClipOnly armpits and groin at grade 3 or more are clipped, never pulled
     * @param float $hiddenSeen places seen this much or less count as hidden, 0–1
     * @param float $daysApartFrom least days between two of several visits: brush burn shows late
     * @param float $daysApartTo most days between them
     * @param float $severalKeepMore part of the coat that shows which several visits have to keep beyond today's best
     * @param float $unevenPenalty weight of uneven lengths in the coat kept
     */
    public function __construct(
        public array $dematLoss = [2 => 0.02, 3 => 0.06, 4 => 0.15],
        public array $thinningCloses = [3 => 2.0, 4 => 3.0],
        public float $thinningLiftMm = 4.0,
        public float $thinSkinLiftMm = 6.0,
        public float $fineTeethMm = 3.2,
        public array $assumedLiftMm = [2 => 13.0, 3 => 9.5, 4 => 3.2, 5 => 1.5],
        public array $assumedMattedShare = [2 => 0.1, 3 => 0.2, 4 => 0.4, 5 => 0.8],
        public float $shortestClipMm = 1.5,
        public float $doubleCoatLeastMm = 25.0,
        public bool $tenderPlacesClipOnly = true,
        public float $tenderClipOnlyFrom = 3.0,
        public bool $thinningAllowed = true,
        public float $hiddenSeen = 0.2,
        public float $unevenPenalty = 0.5,
        public float $evenFrom = 0.7,
        public float $nearlyFrom = 0.7,
        public float $nearlyKeeps = 0.95,
        public float $prize = 3.0,
        public float $keepPerTensionMinute = 0.005,
        public float $clipEarlyFactor = 3.0,
        public float $daysApartFrom = 2.0,
        public float $daysApartTo = 7.0,
        public float $severalKeepMore = 0.1,
    ) {}

    /**
     * How much of what shows a section counts, by what owners care about.
     *
     * @param list<Section> $prized places that the client named
     *
     * @return float percent of the body, seen and prized
     */
    public function weight(Section $section, array $prized = []): float
    {
        $facts = $section->facts();
        $isPrized = in_array($section->part(), [BodyPart::Muzzle, BodyPart::Crown, BodyPart::Ear, BodyPart::Tail], true)
            || in_array($section, $prized, true);

        return $facts->sharePercent * $facts->seen * ($isPrized ? $this->prize : 1.0);
    }
}

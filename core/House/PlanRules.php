<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** How treatments are weighed and what is not offered. */
final readonly class PlanRules
{
    /**
     * @param array<int, float> $dematLoss part of the matted hair lost by dematting, by grade 2–4
     * @param array<int, float> $thinLoss part of the matted hair lost by thinning, by grade 3–4
     * @param array<int, float> $assumedLiftMm lift when nobody measured it, by grade 2–5
     * @param array<int, float> $assumedMattedShare matted share when nobody judged it, by grade 2–5
     * @param float $shortestClipMm a shorter blade can cut skin and is never planned
     * @param float $doubleCoatLeastMm under this a double coat may regrow unevenly, or for long not at all
     * @param bool $tenderPlacesClipOnly armpits and groin at grade 3 or more are clipped, never pulled
     * @param float $hiddenSeen places seen this much or less count as hidden, 0–1
     * @param float $unevenPenalty weight of uneven lengths in the coat kept
     */
    public function __construct(
        public array $dematLoss = [2 => 0.02, 3 => 0.06, 4 => 0.15],
        public array $thinLoss = [3 => 0.18, 4 => 0.28],
        public array $assumedLiftMm = [2 => 13.0, 3 => 9.5, 4 => 3.2, 5 => 1.5],
        public array $assumedMattedShare = [2 => 0.1, 3 => 0.2, 4 => 0.4, 5 => 0.8],
        public float $shortestClipMm = 1.5,
        public float $doubleCoatLeastMm = 25.0,
        public bool $tenderPlacesClipOnly = true,
        public bool $thinningAllowed = true,
        public float $hiddenSeen = 0.2,
        public float $unevenPenalty = 0.5,
    ) {}
}

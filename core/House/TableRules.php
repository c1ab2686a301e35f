<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Work at the table: a trade's rules of thumb, starting values that a salon edits. */
final readonly class TableRules
{
    /**
     * @param float $fineCombMm longest hair that the fine comb goes through; on face, ears and feet any
     * @param float $waivedUpTo worst grade that may be let go at the gate, 1 or 2: a wet tangle becomes a mat
     * @param float $lineSeconds on one line before it is time to move on and come back: brush burn
     * @param float $matSeconds on one mat in the hand before the same is said
     * @param float $linesPerMist lines that one mist lasts before the coat is charged again
     * @param float $lowToleranceMinutes tension minutes left from which it is said
     * @param array<string, float> $reactionMinutes tension minutes that a signal of the dog takes; a snap takes all
     * @param float $yieldStops part of a rake's best pass under which the coat has stopped giving
     * @param float $mostPasses with one rake over one place, whatever it still gives
     */
    public function __construct(
        public float $fineCombMm = 40.0,
        public float $waivedUpTo = 1.0,
        public float $lineSeconds = 45.0,
        public float $matSeconds = 90.0,
        public float $linesPerMist = 6.0,
        public float $lowToleranceMinutes = 3.0,
        public array $reactionMinutes = ['looks' => 1.0, 'tucks' => 2.0, 'cries' => 3.0, 'mouths' => 5.0],
        public float $yieldStops = 0.25,
        public float $mostPasses = 6.0,
    ) {}
}

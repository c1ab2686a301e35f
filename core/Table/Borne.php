<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\Mark;

/**
 * What the dog has borne at the table, in tension minutes, against what one visit may ask.
 *
 * The work is the ledgers'. The dog's signals come on top; after a snap nothing is left.
 */
final readonly class Borne
{
    /**
     * @param float $toleranceMinutes for the whole visit
     * @param float $byReactionsMinutes INF after a snap
     */
    private function __construct(public float $toleranceMinutes, private TableRun $run, public float $byReactionsMinutes) {}

    /** @param float $toleranceMinutes for the whole visit */
    public static function of(TableRun $run, float $toleranceMinutes, TableRules $rules): self
    {
        $byReactions = array_sum(array_map(fn(Mark $reaction): float => $reaction->what->signal->minutes($rules), $run->reactions));

        return new self($toleranceMinutes, $run, (float) $byReactions);
    }

    public function byWork(): float
    {
        return $this->run->borneMinutes();
    }

    public function at(Section $section): float
    {
        return $this->run->at($section)->work()->tensionMinutes;
    }

    /** Tension minutes that may still be asked today, 0 or more. */
    public function left(): float
    {
        return max(0.0, $this->toleranceMinutes - $this->byWork() - $this->byReactionsMinutes);
    }

    /** No more dematting today. */
    public function isSpent(): bool
    {
        return $this->left() <= 0.0;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** How long the comb went round the dog. A long gap between two checks is a pause, and pauses do not count. */
final class InspectionClock
{
    /** Five minutes: by then something else was done. */
    private const PAUSE_SECONDS = 300.0;

    /** @var list<float> unix seconds */
    private array $times = [];

    /** @param Mark<Payload> $mark in any order; comb checks count, withdrawn ones too, as the hand made them */
    public function take(Mark $mark): void
    {
        if ($mark->what instanceof CombChecked) {
            $this->times[] = (float) $mark->at->format('U.v');
        }
    }

    /** Seconds from the first check to the last, pauses left out. */
    public function seconds(): float
    {
        $times = $this->times;
        sort($times);
        $seconds = 0.0;
        for ($index = 1; $index < count($times); $index++) {
            $gap = $times[$index] - $times[$index - 1];
            $seconds += $gap <= self::PAUSE_SECONDS ? $gap : 0.0;
        }

        return $seconds;
    }
}

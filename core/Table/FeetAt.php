<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Kinds\Paused;
use HoundCheck\Core\Marks\Kinds\PostureTaken;
use HoundCheck\Core\Marks\Kinds\RestBegan;
use HoundCheck\Core\Marks\Kinds\Resumed;
use HoundCheck\Core\Marks\Kinds\SignedOff;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\Posture;

/** What the clock of standing keeps of a mark: a clock that is put right has to go through all of them again. */
final readonly class FeetAt
{
    /** @param float $seconds time of the hand, since 1970 */
    private function __construct(
        public float $seconds,
        public bool $handsOn,
        public bool $rests,
        public bool $pauses,
        public bool $endsARest,
        public bool $ends,
        public ?Posture $posture,
    ) {}

    /** @param Mark<Payload> $mark of the table or after it */
    public static function of(Mark $mark): self
    {
        $what = $mark->what;
        $handsOn = $mark->declared->handsOn;
        $pauses = $what instanceof Paused;

        return new self(
            (float) $mark->at->format('U.u'),
            $handsOn,
            $what instanceof RestBegan,
            $pauses,
            ($handsOn || $what instanceof Resumed) && ! $pauses,
            $what instanceof SignedOff || $mark->declared->phase === Phase::End,
            $what instanceof PostureTaken ? $what->posture : null,
        );
    }
}

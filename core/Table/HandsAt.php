<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Kinds\LineDone;
use HoundCheck\Core\Marks\Kinds\MatParked;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\MatWorked;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** What the clock of work keeps of a mark: a clock that is put right has to go through all of them again. */
final readonly class HandsAt
{
    /**
     * @param float $seconds time of the hand, since 1970
     * @param string|null $takesMat id of the mark that took a mat in hand
     */
    private function __construct(
        public float $seconds,
        public ?Section $section,
        public ?HandsTurn $turn,
        public bool $endsALine,
        public ?string $takesMat,
        public bool $endsAMat,
    ) {}

    /** @param Mark<Payload> $mark of the table or after it */
    public static function of(Mark $mark): self
    {
        $what = $mark->what;

        return new self(
            (float) $mark->at->format('U.u'),
            $mark->section,
            HandsTurn::of($what),
            $what instanceof LineDone || $what instanceof TableCombed,
            $what instanceof MatTaken ? $mark->id : null,
            $what instanceof MatWorked || $what instanceof MatParked,
        );
    }
}

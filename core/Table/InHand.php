<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Kinds\BathCleared;
use HoundCheck\Core\Marks\Kinds\BathStepped;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\LineDone;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\Paused;
use HoundCheck\Core\Marks\Kinds\PostureTaken;
use HoundCheck\Core\Marks\Kinds\RestBegan;
use HoundCheck\Core\Marks\Kinds\Resumed;
use HoundCheck\Core\Marks\Kinds\SectionTaken;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** Where the hands are: a section, or none, and whether they rest. */
final readonly class InHand
{
    public function __construct(public ?Section $section = null, public bool $paused = false) {}

    /** @param Mark<Payload> $mark of the table or after it */
    public function after(Mark $mark): self
    {
        $what = $mark->what;

        return match (true) {
            $what instanceof Paused, $what instanceof RestBegan => new self($this->section, true),
            $what instanceof Resumed, $what instanceof PostureTaken => new self($this->section),
            $what instanceof BathCleared || $what instanceof BathStepped => new self(null, $this->paused),
            $what instanceof Clipped, $what instanceof TableCombed && SectionLedger::passes($what->check) => new self,
            // Hands on end a pause that nobody ended.
            $what instanceof SectionTaken,
            $what instanceof LineDone,
            $what instanceof TableCombed,
            $what instanceof MatTaken => new self($mark->section),
            default => $this,
        };
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** Where the hands are: a section, or none, and whether they rest. */
final readonly class InHand
{
    public function __construct(public ?Section $section = null, public bool $paused = false) {}

    /** @param Mark<Payload> $mark of the table or after it */
    public function after(Mark $mark): self
    {
        return $this->turned(HandsTurn::of($mark->what), $mark->section);
    }

    /** @param Section|null $section that the mark is about */
    public function turned(?HandsTurn $turn, ?Section $section): self
    {
        return match ($turn) {
            HandsTurn::Rest => new self($this->section, true),
            HandsTurn::GoOn => new self($this->section),
            HandsTurn::Leave => new self(null, $this->paused),
            HandsTurn::Finish => new self,
            HandsTurn::Take => new self($section),
            null => $this,
        };
    }
}

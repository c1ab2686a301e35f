<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Id;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** Somebody decided whose the dog is, and whether it is taken before the others: until a hand is on it. */
#[Kind(Phase::Any, who: Who::Groomer)]
final readonly class TurnDecided implements Payload
{
    public bool $isNext;

    /**
     * @param string|null $groomer id of who takes it; null: whoever has it, or is free
     * @param bool $next before the others, until a hand is on it
     */
    public function __construct(#[Id] public ?string $groomer, bool $next = false)
    {
        $this->isNext = $next;
    }
}

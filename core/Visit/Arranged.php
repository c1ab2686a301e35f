<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Kinds\PromiseGiven;
use HoundCheck\Core\Marks\Kinds\ReadyTold;
use HoundCheck\Core\Marks\Kinds\TurnDecided;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** What was arranged about the dog in its day while it is here. */
final readonly class Arranged
{
    /**
     * @param Mark<TurnDecided>|null $turn who takes it, and whether next; null: a hand was on it since
     * @param Mark<PromiseGiven>|null $promise the latest that was given since the arrival
     * @param Mark<ReadyTold>|null $readyTold the latest
     */
    public function __construct(public ?Mark $turn = null, public ?Mark $promise = null, public ?Mark $readyTold = null) {}

    /** @param Mark<Payload> $mark */
    public function after(Mark $mark): self
    {
        $what = $mark->what;

        return match (true) {
            $what instanceof TurnDecided => new self($mark->of(TurnDecided::class), $this->promise, $this->readyTold),
            $what instanceof PromiseGiven => new self($this->turn, $mark->of(PromiseGiven::class), $this->readyTold),
            $what instanceof ReadyTold => new self($this->turn, $this->promise, $mark->of(ReadyTold::class)),
            // It was its turn.
            $mark->declared->handsOn && $this->turn !== null => new self(null, $this->promise, $this->readyTold),
            default => $this,
        };
    }

    /** Whose hands are said to be on the dog next; null: nobody's in particular. */
    public function groomer(): ?string
    {
        return $this->turn?->what->groomer;
    }
}

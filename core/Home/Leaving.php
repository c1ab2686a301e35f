<?php

declare(strict_types=1);

namespace HoundCheck\Core\Home;

use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\NextVisitChosen;
use HoundCheck\Core\Marks\Kinds\Stopped;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** How the visit ended, and when the dog comes again. */
final readonly class Leaving
{
    /**
     * @param Mark<HandedOver>|Mark<Stopped>|null $closing the first
     * @param Mark<NextVisitChosen>|null $nextVisit the latest
     * @param \DateTimeImmutable|null $leftAt when the dog last left, where it came back on the same visit
     */
    public function __construct(
        public ?Mark $closing = null,
        public ?Mark $nextVisit = null,
        public ?\DateTimeImmutable $leftAt = null,
    ) {}

    /** @param Mark<Payload> $mark */
    public function after(Mark $mark): self
    {
        $what = $mark->what;

        return match (true) {
            $what instanceof HandedOver => new self($this->closing ?? $mark->of(HandedOver::class), $this->nextVisit, $this->leftAt),
            $what instanceof Stopped => new self($this->closing ?? $mark->of(Stopped::class), $this->nextVisit, $this->leftAt),
            $what instanceof NextVisitChosen => new self($this->closing, $mark->of(NextVisitChosen::class), $this->leftAt),
            default => $this,
        };
    }

    /** @param Mark<Payload> $mark that was taken back: the dog was gone all the same */
    public function afterTakenBack(Mark $mark): self
    {
        return $mark->what instanceof HandedOver ? new self($this->closing, $this->nextVisit, $mark->at) : $this;
    }
}

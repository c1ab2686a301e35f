<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Kinds\TurnDecided;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Table\OnItsFeet;

/** Who has the dog, what was arranged about it in its day, and how long it has been on its feet. */
final readonly class Hands
{
    /**
     * @param string|null $of whose hands were on the dog last, or who was said to take it
     * @param \DateTimeImmutable|null $lastAt the latest time of a hand
     */
    public function __construct(
        public ?string $of = null,
        public ?\DateTimeImmutable $lastAt = null,
        public Arranged $arranged = new Arranged,
        public OnItsFeet $feet = new OnItsFeet,
    ) {}

    /**
     * @param Mark<Payload> $mark
     * @param OnItsFeet $feet with it
     */
    public function after(Mark $mark, OnItsFeet $feet): self
    {
        $arranged = $this->arranged->after($mark);
        $of = match (true) {
            $mark->declared->handsOn => $mark->by,
            $mark->what instanceof TurnDecided => $arranged->groomer() ?? $this->of,
            default => $this->of,
        };

        return new self($of, $this->lastAt === null ? $mark->at : max($mark->at, $this->lastAt), $arranged, $feet);
    }
}

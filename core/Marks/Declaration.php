<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Everything that is true of a kind of mark, whatever its content. */
final readonly class Declaration
{
    /**
     * @param class-string<Payload> $payload
     * @param bool $undoable undo takes back what a hand entered; an arrival, an undo, and what has a picture behind it stay
     * @param bool $handsOn whoever records it has the dog under the hands
     */
    private function __construct(
        public Phase $phase,
        public string $payload,
        public Place $place,
        public Who $who,
        public bool $undoable,
        public bool $handsOn,
    ) {}

    /** @param class-string<Payload> $payload */
    public static function at(Phase $phase, string $payload, Place $place = Place::Visit): self
    {
        return new self($phase, $payload, $place, Who::Everybody, true, false);
    }

    public function by(Who $who): self
    {
        return new self($this->phase, $this->payload, $this->place, $who, $this->undoable, $this->handsOn);
    }

    public function forGood(): self
    {
        return new self($this->phase, $this->payload, $this->place, $this->who, false, $this->handsOn);
    }

    public function handsOn(): self
    {
        return new self($this->phase, $this->payload, $this->place, $this->who, $this->undoable, true);
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A dog of the day with what is still to do on it. Times are minutes after midnight. */
final readonly class PlannedDog
{
    /**
     * @param float|null $promised null: nobody was promised a time
     * @param string|null $groomer id of whose dog it is; null: of whoever begins with it
     * @param list<PlannedStep> $steps in their order, at least one
     * @param bool $inHand its first step is being done: it goes on when the day starts, whatever else is due
     */
    public function __construct(
        public string $id,
        public float $arrives,
        public ?float $promised,
        public ?string $groomer,
        public array $steps,
        public bool $inHand = false,
    ) {}

    public function promisedAt(?float $promised): self
    {
        return new self($this->id, $this->arrives, $promised, $this->groomer, $this->steps, $this->inHand);
    }

    public function of(?string $groomer): self
    {
        return new self($this->id, $this->arrives, $this->promised, $groomer, $this->steps, $this->inHand);
    }

    public function arrivesAt(float $arrives): self
    {
        return new self($this->id, $arrives, $this->promised, $this->groomer, $this->steps, $this->inHand);
    }

    /** @param list<PlannedStep> $steps at least one */
    public function with(array $steps): self
    {
        return new self($this->id, $this->arrives, $this->promised, $this->groomer, $steps, $this->inHand);
    }
}

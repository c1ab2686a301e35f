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
     * @param bool $isNext somebody decided that it is taken next: its first step goes before those of dogs with less slack
     */
    public function __construct(
        public string $id,
        public float $arrives,
        public ?float $promised,
        public ?string $groomer,
        public array $steps,
        public bool $inHand = false,
        public bool $isNext = false,
    ) {}

    public function promisedAt(?float $promised): self
    {
        return $this->but(['promised' => $promised]);
    }

    public function of(?string $groomer): self
    {
        return $this->but(['groomer' => $groomer]);
    }

    public function arrivesAt(float $arrives): self
    {
        return $this->but(['arrives' => $arrives]);
    }

    public function takenNext(): self
    {
        return $this->but(['isNext' => true]);
    }

    /** The middle of all that is left, in minutes. */
    public function minutesLeft(): float
    {
        return array_sum(array_map(fn(PlannedStep $step): float => $step->minutes, $this->steps));
    }

    /** @param array<string, mixed> $changes */
    private function but(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

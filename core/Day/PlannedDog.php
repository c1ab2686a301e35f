<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A dog of the day with what is still to do on it. Times are minutes after midnight. */
final readonly class PlannedDog
{
    /** Minutes of the brush-out from which a dog may come on two days. */
    private const WORTH_COMING_TWICE = 45.0;

    private const BEHIND_THE_LAST_COMB = [Step::Bath, Step::Dry, Step::Check];

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

    /**
     * Half of what is left of its brush-out is done today, and no bath before the last visit.
     *
     * @return self|null null: so little is left of it, or so much is done, that it is not worth coming twice
     */
    public function inTwoVisits(): ?self
    {
        $brush = $this->minutesOf(Step::Brush);
        if ($brush < self::WORTH_COMING_TWICE || $this->minutesOf(Step::Bath) <= 0.0) {
            return null;
        }
        $steps = array_filter($this->steps, fn(PlannedStep $step): bool => ! in_array($step->step, self::BEHIND_THE_LAST_COMB, true));

        return $this->but(['steps' => array_values(array_map(
            fn(PlannedStep $step): PlannedStep => $step->step === Step::Brush ? new PlannedStep($step->step, $brush / 2, $step->spread) : $step,
            $steps,
        ))]);
    }

    private function minutesOf(Step $step): float
    {
        return array_sum(array_map(fn(PlannedStep $one): float => $one->step === $step ? $one->minutes : 0.0, $this->steps));
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

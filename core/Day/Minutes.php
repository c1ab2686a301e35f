<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Effort\Forecast;

/** An estimate in minutes, with the range it usually falls in. All 0 or more. */
final readonly class Minutes
{
    public function __construct(public float $likely, public float $from, public float $to) {}

    public static function none(): self
    {
        return new self(0.0, 0.0, 0.0);
    }

    public static function of(Forecast $forecast): self
    {
        return new self($forecast->corrected, $forecast->usualFrom, $forecast->usualTo);
    }

    /**
     * All steps together: the outer tenths of each do not fall together, so the range is narrower than their sum.
     *
     * @param list<PlannedStep> $steps
     */
    public static function together(array $steps): self
    {
        $likely = $below = $above = 0.0;
        foreach ($steps as $step) {
            [$from, $to] = $step->range();
            $likely += $step->minutes;
            $below += ($step->minutes - $from) ** 2;
            $above += ($to - $step->minutes) ** 2;
        }

        return new self($likely, $likely - sqrt($below), $likely + sqrt($above));
    }

    public function plus(self $other): self
    {
        return new self($this->likely + $other->likely, $this->from + $other->from, $this->to + $other->to);
    }

    /** What is left of it after some minutes have passed. */
    public function after(float $minutes): self
    {
        return new self(max(0.0, $this->likely - $minutes), max(0.0, $this->from - $minutes), max(0.0, $this->to - $minutes));
    }

    public function part(float $part): self
    {
        return new self($this->likely * $part, $this->from * $part, $this->to * $part);
    }
}

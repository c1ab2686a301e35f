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

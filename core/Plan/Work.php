<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** Work at a section: minutes of the hands, those of them that open or thin mats, and tension minutes for the dog. All 0 or more. */
final readonly class Work
{
    public function __construct(public float $minutes = 0.0, public float $matMinutes = 0.0, public float $tensionMinutes = 0.0) {}

    public function plus(self $other): self
    {
        return new self(
            $this->minutes + $other->minutes,
            $this->matMinutes + $other->matMinutes,
            $this->tensionMinutes + $other->tensionMinutes,
        );
    }

    /** @param float $part 0–1 */
    public function part(float $part): self
    {
        return new self($this->minutes * $part, $this->matMinutes * $part, $this->tensionMinutes * $part);
    }

    /** In each figure the larger one. */
    public function atLeast(self $other): self
    {
        return new self(
            max($this->minutes, $other->minutes),
            max($this->matMinutes, $other->matMinutes),
            max($this->tensionMinutes, $other->tensionMinutes),
        );
    }
}

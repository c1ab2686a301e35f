<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A groomer begins a step, at a minute after midnight. */
final readonly class StepStart
{
    public function __construct(public float $at, public string $groomer, public string $dog, public Step $step) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\PlanAim;

/** The groomer settled on a plan of the frontier: a treatment for every section. */
final readonly class PlanChosen implements Payload
{
    public function __construct(public PlanAim $aim, public Choices $choices) {}

    public static function read(PayloadReader $reader): static
    {
        $chosen = new self($reader->one('aim', PlanAim::class), $reader->choices('choices'));
        $reader->finish();

        return $chosen;
    }
}

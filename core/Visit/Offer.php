<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\PlanAim;

/** One of the ways that a client is offered. */
final readonly class Offer
{
    /** The salon's own suggestion goes by this name; the others by their aim. */
    public const SUGGESTED = 'suggested';

    public function __construct(public string $id, public PlanAim $aim, public Choices $choices) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A stretch of a groomer's day in which a dog can begin and every promise still holds. Minutes after midnight. */
final readonly class Room
{
    /** @param float $until the dog that begins last in it is ready by then, or the groomer goes */
    public function __construct(public string $groomer, public float $from, public float $until) {}
}

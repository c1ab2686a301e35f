<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** What is left for a part plan: limits it must not pass, and from where on its minutes no longer matter. */
final readonly class RoomForWork
{
    /**
     * @param int $mostTension with the easiest choices everywhere else the plan still fits
     * @param int $mostMinutes with the quickest choices everywhere else the plan still fits
     * @param int $enoughMinutes with the slowest choices everywhere else the plan still fits
     */
    public function __construct(public int $mostTension, public int $mostMinutes, public int $enoughMinutes) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** More part plans than the sums have room for. No kit and no dog of this world come near it. */
final class TooManyPlans extends \OverflowException
{
    public static function candidates(int $count): self
    {
        return new self("{$count} part plans at once are more than can be told apart.");
    }
}

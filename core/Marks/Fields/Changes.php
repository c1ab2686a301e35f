<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

/** Any fields of a class, side by side in the payload: those that were sent, null where one is taken back. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Changes
{
    /** @param class-string $of whose constructor declares them */
    public function __construct(public string $of) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** The content of one kind of mark. */
interface Payload
{
    /** @throws UnreadableMark */
    public static function read(PayloadReader $reader): static;
}

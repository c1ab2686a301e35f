<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Visit\PayloadReader;
use HoundCheck\Core\Visit\UnreadableMark;

/** The content of one kind of mark. */
interface Payload
{
    /** @throws UnreadableMark */
    public static function read(PayloadReader $reader): static;
}

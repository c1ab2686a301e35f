<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Who may record a kind of mark. Decisions are a groomer's; an apprentice records; erasing what cannot come back is the owner's. */
enum Who: string
{
    case Everybody = 'everybody';
    case Groomer = 'groomer';
    case Owner = 'owner';
}

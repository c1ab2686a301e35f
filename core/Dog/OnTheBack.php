<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

/** How far a dog has learned to lie on its back; it is never put there otherwise. */
enum OnTheBack: string
{
    case NotYet = 'not_yet';
    case Learning = 'learning';
    case Accepts = 'accepts';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

/** Why a yes no longer holds: it was to something better for the client than what is so now. */
enum VoidedBy: string
{
    case HigherPrice = 'higher_price';
    case LowerLimit = 'lower_limit';
    case WiderPermission = 'wider_permission';
}

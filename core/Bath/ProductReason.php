<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

/** Why a product is proposed. */
enum ProductReason: string
{
    case Skin = 'skin';
    case Odour = 'odour';
    case AsOrdered = 'as_ordered';
    case VetFirst = 'vet_first';
    case LongCoat = 'long_coat';
    case Usual = 'usual';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

enum Temperament: string
{
    case Settled = 'settled';
    case Easy = 'easy';
    case Wriggly = 'wriggly';
    case Anxious = 'anxious';
    case Mouthy = 'mouthy';
}

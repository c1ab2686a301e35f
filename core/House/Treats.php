<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

enum Treats: string
{
    case During = 'during';
    case AtTheEnd = 'at_the_end';
}

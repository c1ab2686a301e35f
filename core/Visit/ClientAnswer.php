<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

enum ClientAnswer: string
{
    case Yes = 'yes';
    case No = 'no';
}

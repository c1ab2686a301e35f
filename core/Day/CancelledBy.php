<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

enum CancelledBy: string
{
    case Client = 'client';
    case Salon = 'salon';
}

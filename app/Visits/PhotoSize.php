<?php

declare(strict_types=1);

namespace App\Visits;

enum PhotoSize: string
{
    case Full = 'full';
    case Thumbnail = 'thumbnail';
}

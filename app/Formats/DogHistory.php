<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Owner\OwnersMinutes;

/** What a dog history comes to. */
final readonly class DogHistory
{
    public function __construct(public NextVisit $nextVisit, public OwnersMinutes $ownersMinutes) {}
}

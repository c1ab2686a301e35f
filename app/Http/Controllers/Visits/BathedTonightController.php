<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Answer;
use App\Http\Resources\BathedTonightJson;
use App\Models\Visit;
use App\Visits\OpenVisit;

/** For an owner who wants to take a matted dog home and bathe it there. */
final class BathedTonightController
{
    public function __invoke(Visit $visit): Answer
    {
        return new Answer(BathedTonightJson::of(OpenVisit::load($visit)));
    }
}

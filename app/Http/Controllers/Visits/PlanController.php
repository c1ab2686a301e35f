<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Answer;
use App\Http\Resources\PlanJson;
use App\Models\Visit;
use App\Visits\OpenVisit;

final class PlanController
{
    public function __invoke(Visit $visit): Answer
    {
        return new Answer(PlanJson::of(OpenVisit::load($visit)));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\PlanJson;
use App\Models\Visit;
use App\Visits\OpenVisit;
use Illuminate\Http\JsonResponse;

final class PlanController
{
    public function __invoke(Visit $visit): JsonResponse
    {
        return new JsonResponse(PlanJson::of(OpenVisit::load($visit)));
    }
}

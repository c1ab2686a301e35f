<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\RecordJson;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class RecordController
{
    public function __invoke(Visit $visit): JsonResponse
    {
        return new JsonResponse(RecordJson::of($visit));
    }
}

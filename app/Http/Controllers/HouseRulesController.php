<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HouseRulesVersion;
use Illuminate\Http\JsonResponse;

final class HouseRulesController
{
    public function __invoke(): JsonResponse
    {
        $current = HouseRulesVersion::current();

        return new JsonResponse(['version' => $current->version, 'since' => $current->created_at->toIso8601ZuluString(), 'rules' => $current->rules]);
    }
}

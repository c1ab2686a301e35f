<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\GuideJson;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CoreVersion;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\JsonResponse;

final class CombCheckGuideController
{
    public function __invoke(Repository $cache): JsonResponse
    {
        return new JsonResponse($cache->rememberForever('comb-check-guide.'.CoreVersion::CURRENT, fn(): array => GuideJson::of(new Guide)));
    }
}

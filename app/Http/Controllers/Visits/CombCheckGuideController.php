<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Answer;
use App\Http\Resources\GuideJson;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CoreVersion;
use Illuminate\Contracts\Cache\Repository;

final class CombCheckGuideController
{
    public function __invoke(Repository $cache): Answer
    {
        return new Answer($cache->rememberForever('comb-check-guide.'.CoreVersion::CURRENT, fn(): array => GuideJson::of(new Guide)));
    }
}

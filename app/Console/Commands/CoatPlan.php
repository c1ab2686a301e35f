<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Formats\CoatCaseFile;
use App\Formats\CoatReportJson;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\CoatReport;

final class CoatPlan extends ReadsOneFile
{
    protected $signature = 'coat:plan {file : a coat case (JSON, see docs/formats/coat-case.schema.json)}';

    protected $description = 'Grade a coat case, list what is offered for each section, and print the frontier of its plans, as JSON';

    protected function answer(string $json): array
    {
        $rules = HouseRules::shop();

        return CoatReportJson::of(CoatReport::of((new CoatCaseFile)->read($json, $rules->kit), $rules));
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Formats\DayFile;
use App\Formats\DayRunJson;

final class DayRun extends ReadsOneFile
{
    protected $signature = 'day:run {file : a salon\'s day (JSON, see docs/formats/day.schema.json)}';

    protected $description = 'Run a day with every step at its median, and print when each dog is ready and who begins what, as JSON';

    protected function answer(string $json): array
    {
        return DayRunJson::of((new DayFile)->read($json));
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Formats\DogHistoryFile;
use App\Formats\NextVisitJson;
use HoundCheck\Core\House\HouseRules;

final class CoatNext extends ReadsOneFile
{
    protected $signature = 'coat:next {file : a dog history (JSON, see docs/formats/dog-history.schema.json)}';

    protected $description = 'Learn a dog\'s own matting clock from its history, and print its next visit as JSON';

    protected function answer(string $json): array
    {
        return NextVisitJson::of((new DogHistoryFile)->read($json, HouseRules::shop()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\RecordJson;
use App\Http\Answer;
use App\Models\Visit;

final class RecordController
{
    public function __invoke(Visit $visit): Answer
    {
        return new Answer(RecordJson::of($visit));
    }
}

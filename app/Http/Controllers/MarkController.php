<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Requests\RecordMarksRequest;
use App\Models\Visit;
use App\Visits\MarkAnswer;
use App\Visits\VisitDesk;

final class MarkController
{
    public function __invoke(RecordMarksRequest $request, Visit $visit, VisitDesk $desk): Answer
    {
        $answers = $desk->record($visit, $request->marks(), $request->user(), $request->sentAt()?->toDateTimeImmutable());

        return new Answer([
            'marks' => array_map(fn(MarkAnswer $answer): array => $answer->toArray(), $answers),
            'number' => $visit->refresh()->last_number,
        ]);
    }
}

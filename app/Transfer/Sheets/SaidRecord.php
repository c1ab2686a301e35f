<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

use App\Http\Resources\RecordJson;
use App\Models\Visit;
use App\Salon\Salon;
use App\Words\ScreenWords;

/** The record of a visit with its sentences: what the screen, the print and the sheet say is said here once. */
final class SaidRecord
{
    /** @return array<string, mixed> the record, with the decision of each entry, the rows of what was found, and the work in a sentence */
    public static function of(Visit $visit, string $language): array
    {
        $record = RecordJson::of($visit);
        $say = new Say(new ScreenWords($language), Salon::fromConfig());
        $decisions = new Decisions($say, $record['visit']['home']['skipped']);

        return [
            ...$record,
            'timeline' => array_map(fn(array $mark): array => [...$mark, 'decision' => $decisions->of($mark)], $record['timeline']),
            'found' => (new FoundRows($say, $record))->rows(),
            'work' => (new WorkSaid($say, $record))->sentence(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\Iso;
use App\Models\LogEntry;

/** Who did what to the house, the latest first. */
final class HouseLogController
{
    private const PAGE = 50;

    public function __invoke(SearchRequest $request): Answer
    {
        $page = max(1, $request->integer('page'));
        $entries = LogEntry::query()->with('staff:id,name')
            ->orderByDesc('at')->orderByDesc('id')
            ->skip(self::PAGE * ($page - 1))->take(self::PAGE + 1)
            ->get();

        return new Answer([
            'entries' => $entries->take(self::PAGE)->map(fn(LogEntry $entry): array => [
                'id' => $entry->id,
                'at' => Iso::of($entry->at),
                'kind' => $entry->kind,
                'by' => $entry->staff?->name,
                'about' => (object) $entry->about,
            ])->values()->all(),
            'nextPage' => $entries->count() > self::PAGE ? $page + 1 : null,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Http\Requests\HouseRulesRequest;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\HouseRulesJson;
use App\Models\HouseRulesVersion;
use App\Salon\Done;
use App\Salon\HouseBook;
use App\Salon\HouseLog;
use App\Salon\RuleSentences;
use HoundCheck\Core\House\UnusableHouseRules;
use Illuminate\Validation\ValidationException;

final class HouseRulesController
{
    private const PAGE = 20;

    public function show(): Answer
    {
        return new Answer(HouseRulesJson::of(HouseRulesVersion::current()));
    }

    public function store(HouseRulesRequest $request, HouseBook $book): Answer
    {
        $note = $request->filled('note') ? $request->string('note')->trim()->toString() : null;
        try {
            $version = $request->filled('putBack')
                ? $book->putBack(
                    $request->integer('base'),
                    HouseRulesVersion::here()->findOrFail($request->integer('putBack')),
                    $note,
                    $request->user(),
                )
                : $book->change($request->integer('base'), $request->array('changes'), $note, $request->user());
        } catch (UnusableHouseRules $unusable) {
            throw ValidationException::withMessages(RuleSentences::of($unusable));
        }

        if ($version->version !== $request->integer('base')) {
            HouseLog::note(Done::RulesChanged, $request->user(), ['version' => $version->version]);
        }

        return new Answer(HouseRulesJson::of($version), 201);
    }

    /** The latest first, each with what it changed. */
    public function history(SearchRequest $request): Answer
    {
        $page = max(1, $request->integer('page'));
        // One more than the page, to compare its last version with the one before.
        $versions = HouseRulesVersion::here()
            ->with('staff:id,name')
            ->orderByDesc('version')
            ->skip(self::PAGE * ($page - 1))
            ->take(self::PAGE + 1)
            ->get();
        $rows = $versions->take(self::PAGE)->values()->map(
            fn(HouseRulesVersion $version, int $index): array => HouseRulesJson::inHistory($version, $versions[$index + 1] ?? null),
        );

        return new Answer(['versions' => $rows->all(), 'nextPage' => $versions->count() > self::PAGE ? $page + 1 : null]);
    }
}

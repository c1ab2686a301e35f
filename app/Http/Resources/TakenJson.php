<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\Taken;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What became of marks, with the visit as it stands after them: nobody need ask for it. */
final readonly class TakenJson
{
    /** Of whoever does not look at the visit (RFC 7240). */
    private const NOT_DRAWN = 'return=minimal';

    public function __construct(private KeptAnswers $kept) {}

    /** @param array<string, mixed> $answers what is said of the marks */
    public function answer(Request $request, Taken $taken, array $answers, int $status = 200): JsonResponse
    {
        // What is taken is taken, whether or not the visit can be drawn now.
        [$visit, $revision] = $request->header('Prefer') === self::NOT_DRAWN
            ? ['null', null]
            : rescue(fn(): array => $this->kept->after($taken), ['null', null]);
        $said = Json::of([...$answers, 'number' => $taken->marks->visit->last_number, 'revision' => $revision]);

        // The visit is text already.
        return new JsonResponse(substr($said, 0, -1).",\"visit\":{$visit}}", $status, json: true);
    }
}

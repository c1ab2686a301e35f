<?php

declare(strict_types=1);

namespace App\Answers;

use App\Memory\MemoryBook;
use App\Visits\OpenVisit;
use HoundCheck\Core\Memory\Expected;

/** What a dog's clock says it comes in with, from what was known before the visit: said before the comb touches it. */
final class ExpectedJson
{
    public static function expected(OpenVisit $open): ?Expected
    {
        $dog = $open->state->dog();
        $answers = $open->state->answers;

        return Expected::of(
            $dog,
            $answers->lifeAtHome($dog),
            (new MemoryBook)->before($open->visit, $dog->coat, $open->rules->memory),
            $answers->daysSinceCombOut,
            $answers->washedOverKnots === true,
            $open->state->arrival->at,
            $open->rules,
        );
    }

    /** @return array<string, mixed>|null */
    public static function of(?Expected $expected): ?array
    {
        return $expected === null ? null : [
            'days' => $expected->days,
            'tangles' => $expected->tangles,
            'mats' => $expected->mats,
            'minutes' => $expected->minutes,
            'pulling' => $expected->tension,
            'own' => $expected->isOwn,
        ];
    }
}

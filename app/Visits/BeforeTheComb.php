<?php

declare(strict_types=1);

namespace App\Visits;

use HoundCheck\Core\Memory\Expected;

/** What a dog's clock says it comes in with, from what was known before the visit. */
final class BeforeTheComb
{
    /** @param int|null $newDogDays since its last comb-out, for a dog that nobody knows and whose owner did not say */
    public static function expected(OpenVisit $open, ?int $newDogDays = null): ?Expected
    {
        $dog = $open->state->dog();
        $answers = $open->state->arrival->answers;

        return Expected::of(
            $dog,
            $answers->lifeAtHome($dog),
            (new MemoryBook)->before($open->visit, $dog->coat, $open->rules->memory),
            $answers->daysSinceCombOut ?? $newDogDays,
            $answers->washedOverKnots === true,
            $open->state->arrival->cameIn()->at,
            $open->rules,
        );
    }
}

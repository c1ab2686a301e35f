<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Answer;
use App\Models\Visit;
use App\Visits\MemoryBook;
use App\Visits\NextVisitAnswer;
use App\Visits\OpenVisit;
use HoundCheck\Core\Visit\WhatItTells;

/** When a dog should come again, as it stands there now: what its visits and today's tell. */
final class NextVisitController
{
    public function __invoke(Visit $visit, MemoryBook $book): Answer
    {
        $open = OpenVisit::load($visit);
        $dog = $open->state->dog();
        $memory = $book->before($visit, $dog->coat, $open->rules->memory)->and(WhatItTells::of($open->report));
        $next = $memory->nextVisit($dog, $open->rules) ?? throw new \LogicException('A visit tells of itself.');

        return new Answer(NextVisitAnswer::of($next, $open->rules->prices, $memory->intervals()));
    }
}

<?php

declare(strict_types=1);

namespace App\Visits;

/** What became of marks that were sent, and the visit after them. */
final readonly class Taken
{
    /**
     * @param list<MarkAnswer> $answers one for each, in the order in which they were sent
     * @param array<string, string> $stamps of what the visit was folded from
     */
    public function __construct(public array $answers, public VisitMarks $marks, public array $stamps) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What the check answers to one set of answers. */
final readonly class GuideStep
{
    /** @param list<Grade> $possible grades that the open questions can still lead to; one when nothing is open */
    public function __construct(
        public Grading $grading,
        public ?Question $asks,
        public array $possible,
    ) {}
}

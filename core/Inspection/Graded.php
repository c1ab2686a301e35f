<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\CombCheck\Grade;

/** A comb check that was made at a section, and the grade it gave then; null: the comb ran over the top. */
final readonly class Graded
{
    public function __construct(
        public string $markId,
        public ?Grade $grade,
        public GradedAt $where,
        public \DateTimeImmutable $at,
        public string $by,
        public bool $isPacked = false,
    ) {}
}

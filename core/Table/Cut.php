<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\CombCheck\Grade;

/** A section was cut to a length, and the grade it had when the blade went in; null: none. */
final readonly class Cut
{
    public function __construct(
        public string $markId,
        public float $mm,
        public ?Grade $grade,
        public \DateTimeImmutable $at,
        public string $by,
    ) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** A whole number within bounds, those included. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Whole extends Number
{
    public function read(string $name, mixed $value, bool $stored): int
    {
        $number = parent::read($name, $value, $stored);
        if (floor($number) !== (float) $number) {
            throw UnreadableMark::field($name, MarkProblem::NotWhole);
        }

        return (int) $number;
    }

    public function schema(): array
    {
        return [...parent::schema(), 'type' => 'integer'];
    }
}

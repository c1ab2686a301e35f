<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** A number within bounds, those included. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
readonly class Number extends PayloadField
{
    public function __construct(private int|float $least, private int|float $most) {}

    public function read(string $name, mixed $value, bool $stored): float|int
    {
        if ((! is_int($value) && ! is_float($value)) || is_nan((float) $value) || $value < $this->least || $value > $this->most) {
            throw UnreadableMark::field($name, MarkProblem::OutOfRange, ['least' => $this->least, 'most' => $this->most]);
        }

        return (float) $value;
    }

    public function schema(): array
    {
        return ['type' => 'number', 'minimum' => $this->least, 'maximum' => $this->most];
    }
}

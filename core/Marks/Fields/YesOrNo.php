<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** True or false. */
readonly class YesOrNo extends PayloadField
{
    public function read(string $name, mixed $value, bool $stored): ?bool
    {
        return is_bool($value) ? $value : throw UnreadableMark::field($name, MarkProblem::NotYesOrNo);
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}

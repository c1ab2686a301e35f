<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** True; anything else is as good as not said. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Yes extends YesOrNo
{
    /** @param MarkProblem $unsaid where it must be said */
    public function __construct(private MarkProblem $unsaid = MarkProblem::Needed) {}

    public function read(string $name, mixed $value, bool $stored): ?bool
    {
        return parent::read($name, $value, $stored) === true ? true : null;
    }

    public function missing(string $name): UnreadableMark
    {
        return UnreadableMark::field($name, $this->unsaid);
    }

    public function schema(): array
    {
        return ['type' => 'boolean', 'const' => true];
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\SentText;
use HoundCheck\Core\Marks\UnreadableMark;

/** The id of something that is kept elsewhere: a ULID. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Id extends PayloadField
{
    public function read(string $name, mixed $value, bool $stored): string
    {
        return SentText::id($value) ?? throw UnreadableMark::field($name, MarkProblem::NotAnId);
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return $read;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => '^[0-9A-HJKMNP-TV-Za-hjkmnp-tv-z]{26}$'];
    }
}

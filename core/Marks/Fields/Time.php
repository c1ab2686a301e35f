<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\SentText;
use HoundCheck\Core\Marks\UnreadableMark;

/** ISO 8601 with a time zone; kept in UTC to the second. */
final readonly class Time extends PayloadField
{
    public function read(string $name, mixed $value, bool $stored): \DateTimeImmutable
    {
        $at = SentText::time($value) ?? throw UnreadableMark::field($name, MarkProblem::NotATime);

        return $at->setTime((int) $at->format('H'), (int) $at->format('i'), (int) $at->format('s'));
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return $read instanceof \DateTimeImmutable ? $read->format('Y-m-d\TH:i:s\Z') : $sent;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date-time'];
    }
}

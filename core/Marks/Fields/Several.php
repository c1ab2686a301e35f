<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** Words of a closed list, each at most once, in the order they were sent. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Several extends OneOf
{
    /** @return list<\BackedEnum> */
    public function read(string $name, mixed $value, bool $stored): array
    {
        if (! is_array($value) || (! array_is_list($value) && ! $stored)) {
            throw UnreadableMark::field($name, MarkProblem::NotAList);
        }
        if (count($value) > self::LONGEST_LIST && ! $stored) {
            throw UnreadableMark::field($name, MarkProblem::ListTooLong, ['most' => self::LONGEST_LIST]);
        }
        $cases = [];
        foreach ($value as $one) {
            $case = $this->word($name, $one);
            $cases[$case->value] = $case;
        }

        return array_values($cases);
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return is_array($read) ? array_column($read, 'value') : null;
    }

    public function unsent(): mixed
    {
        return [];
    }

    public function schema(): array
    {
        return ['type' => 'array', 'maxItems' => self::LONGEST_LIST, 'items' => parent::schema()];
    }
}

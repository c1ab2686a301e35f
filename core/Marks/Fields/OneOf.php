<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** A word of a closed list. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
readonly class OneOf extends PayloadField
{
    /**
     * @param class-string<\BackedEnum> $enum
     * @param array<string, string> $oldNames what earlier versions called them, and what they are called now
     */
    public function __construct(private string $enum, private array $oldNames = []) {}

    public function read(string $name, mixed $value, bool $stored): mixed
    {
        return $this->word($name, $value);
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return $read instanceof \BackedEnum ? $read->value : $sent;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'enum' => [...$this->words(), ...array_keys($this->oldNames)]];
    }

    protected function word(string $name, mixed $value): \BackedEnum
    {
        $case = is_string($value) ? $this->enum::tryFrom($this->oldNames[$value] ?? $value) : null;

        return $case ?? throw UnreadableMark::field($name, MarkProblem::NotOneOf, ['known' => implode(', ', $this->words())]);
    }

    /** @return list<string> */
    private function words(): array
    {
        return array_map(fn(\BackedEnum $one): string => (string) $one->value, $this->enum::cases());
    }
}

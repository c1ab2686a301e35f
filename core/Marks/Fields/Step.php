<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

/** A step of a scale that is numbered through. */
final readonly class Step extends PayloadField
{
    private Whole $number;

    /** @param class-string<\BackedEnum> $enum */
    public function __construct(private string $enum)
    {
        $steps = array_map(fn(\BackedEnum $step): int => (int) $step->value, $enum::cases());
        $this->number = new Whole(min([PHP_INT_MAX, ...$steps]), max([0, ...$steps]));
    }

    public function read(string $name, mixed $value, bool $stored): \BackedEnum
    {
        return $this->enum::from($this->number->read($name, $value, $stored));
    }

    public function schema(): array
    {
        return $this->number->schema();
    }
}

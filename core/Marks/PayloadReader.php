<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\UnknownTreatment;

/** Reads the fields of a mark's payload, with a message that names the field for each way to be wrong. */
final class PayloadReader
{
    /** @var array<string, true> */
    private array $read = [];

    /** @param array<string, mixed> $payload */
    public function __construct(private readonly array $payload) {}

    /** Whether the field was sent at all, even as null. */
    public function sent(string $field): bool
    {
        $this->read[$field] = true;

        return array_key_exists($field, $this->payload);
    }

    /** @throws UnreadableMark when a field was sent that nobody asked for: it would be lost without a word */
    public function finish(): void
    {
        $unknown = array_key_first(array_diff_key($this->payload, $this->read));
        if ($unknown !== null) {
            throw UnreadableMark::field((string) $unknown, 'is not a field of this mark');
        }
    }

    /** @throws UnreadableMark */
    public function text(string $field, int $longest): string
    {
        return $this->optionalText($field, $longest) ?? throw UnreadableMark::field($field, 'is needed');
    }

    /** Trimmed; an empty text counts as none. */
    public function optionalText(string $field, int $longest): ?string
    {
        $value = $this->value($field);
        if ($value === null) {
            return null;
        }
        if (! is_string($value)) {
            throw UnreadableMark::field($field, 'must be text');
        }
        $text = trim($value);
        if (mb_strlen($text) > $longest) {
            throw UnreadableMark::field($field, "must be at most {$longest} characters");
        }

        return $text === '' ? null : $text;
    }

    public function optionalNumber(string $field, float $least, float $most): ?float
    {
        $value = $this->value($field);
        if ($value === null) {
            return null;
        }
        if ((! is_int($value) && ! is_float($value)) || $value < $least || $value > $most) {
            throw UnreadableMark::field($field, "must be a number from {$least} to {$most}");
        }

        return (float) $value;
    }

    public function optionalWhole(string $field, int $least, int $most): ?int
    {
        $number = $this->optionalNumber($field, $least, $most);
        if ($number !== null && floor($number) !== $number) {
            throw UnreadableMark::field($field, 'must be a whole number');
        }

        return $number === null ? null : (int) $number;
    }

    public function optionalBool(string $field): ?bool
    {
        $value = $this->value($field);
        if ($value !== null && ! is_bool($value)) {
            throw UnreadableMark::field($field, 'must be true or false');
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function one(string $field, string $enum): \BackedEnum
    {
        return $this->optionalOne($field, $enum) ?? throw UnreadableMark::field($field, 'is needed');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function optionalOne(string $field, string $enum): ?\BackedEnum
    {
        $value = $this->value($field);

        return $value === null ? null : $this->caseOf($field, $enum, $value);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>|null
     */
    public function optionalSeveral(string $field, string $enum): ?array
    {
        $value = $this->value($field);
        if ($value === null) {
            return null;
        }
        if (! is_array($value)) {
            throw UnreadableMark::field($field, 'must be a list');
        }

        return array_map(fn(mixed $one): \BackedEnum => $this->caseOf($field, $enum, $one), array_values($value));
    }

    /** @return array<string, mixed>|null */
    public function optionalMap(string $field): ?array
    {
        $value = $this->value($field);
        if ($value !== null && ! is_array($value)) {
            throw UnreadableMark::field($field, 'must be an object');
        }

        return $value;
    }

    /** A treatment by section. */
    public function choices(string $field): Choices
    {
        $codes = $this->optionalMap($field) ?? throw UnreadableMark::field($field, 'is needed');
        foreach ($codes as $code) {
            if (! is_string($code)) {
                throw UnreadableMark::field($field, 'must give a treatment by section');
            }
        }
        try {
            return Choices::fromCodes($codes);
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field($field, $unknown->getMessage());
        }
    }

    private function value(string $field): mixed
    {
        $this->read[$field] = true;

        return $this->payload[$field] ?? null;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    private function caseOf(string $field, string $enum, mixed $value): \BackedEnum
    {
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $known = implode(', ', array_map(fn(\BackedEnum $one): string => (string) $one->value, $enum::cases()));
            throw UnreadableMark::field($field, "must be one of {$known}");
        }

        return $case;
    }
}

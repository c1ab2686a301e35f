<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\UnknownTreatment;

/** Reads the fields of a mark's payload, with a message that names the field for each way to be wrong. */
final class PayloadReader
{
    /** No closed list of the job is longer. */
    private const LONGEST_LIST = 60;

    /** @var array<string, true> */
    private array $read = [];

    /** @var array<string, mixed> what was read, field by field: what is stored */
    private array $taken = [];

    /**
     * @param array<string, mixed> $payload
     * @param bool $stored it was taken once: a list that an earlier version let in under names is read as a list
     */
    public function __construct(private readonly array $payload, private readonly bool $stored = false) {}

    /** @return array<string, mixed> the fields as they were read: texts trimmed, lists without repeats, defaults filled in */
    public function taken(): array
    {
        return $this->taken;
    }

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
            throw UnreadableMark::field((string) $unknown, MarkProblem::NotAField);
        }
    }

    /** @throws UnreadableMark */
    public function text(string $field, int $longest): string
    {
        return $this->optionalText($field, $longest) ?? throw UnreadableMark::isNeeded($field);
    }

    /** Trimmed; an empty text counts as none. */
    public function optionalText(string $field, int $longest): ?string
    {
        $value = $this->value($field);
        if ($value === null) {
            return null;
        }
        if (! is_string($value)) {
            throw UnreadableMark::field($field, MarkProblem::NotText);
        }
        $text = trim($value);
        if (mb_strlen($text) > $longest) {
            throw UnreadableMark::field($field, MarkProblem::TooLong, ['most' => $longest]);
        }

        return $this->taken[$field] = $text === '' ? null : $text;
    }

    /** ISO 8601 with a time zone; kept in UTC to the second. */
    public function time(string $field): \DateTimeImmutable
    {
        $value = $this->value($field) ?? throw UnreadableMark::isNeeded($field);
        $at = SentText::time($value) ?? throw UnreadableMark::field($field, MarkProblem::NotATime);
        $this->taken[$field] = $at->format('Y-m-d\TH:i:s\Z');

        return $at->setTime((int) $at->format('H'), (int) $at->format('i'), (int) $at->format('s'));
    }

    /** The id of something that is kept elsewhere. */
    public function optionalId(string $field): ?string
    {
        $value = $this->value($field);
        if ($value === null) {
            return null;
        }

        return $this->taken[$field] = SentText::id($value) ?? throw UnreadableMark::field($field, MarkProblem::NotAnId);
    }

    public function optionalNumber(string $field, float $least, float $most): ?float
    {
        $value = $this->value($field);
        if ($value === null) {
            return null;
        }
        if ((! is_int($value) && ! is_float($value)) || is_nan((float) $value) || $value < $least || $value > $most) {
            throw UnreadableMark::field($field, MarkProblem::OutOfRange, ['least' => $least, 'most' => $most]);
        }
        $this->taken[$field] = $value;

        return (float) $value;
    }

    public function optionalWhole(string $field, int $least, int $most): ?int
    {
        $number = $this->optionalNumber($field, $least, $most);
        if ($number !== null && floor($number) !== $number) {
            throw UnreadableMark::field($field, MarkProblem::NotWhole);
        }

        return $number === null ? null : (int) $number;
    }

    public function optionalBool(string $field): ?bool
    {
        $value = $this->value($field);
        if ($value !== null && ! is_bool($value)) {
            throw UnreadableMark::field($field, MarkProblem::NotYesOrNo);
        }

        return $value === null ? null : $this->taken[$field] = $value;
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
        return $this->optionalOne($field, $enum) ?? throw UnreadableMark::isNeeded($field);
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
     * What was sent, or else a default, which is stored as if it had been sent.
     *
     * @template T of \BackedEnum
     *
     * @param T $default
     *
     * @return T
     */
    public function oneOr(string $field, \BackedEnum $default): \BackedEnum
    {
        $case = $this->optionalOne($field, $default::class) ?? $default;
        $this->taken[$field] = $case->value;

        return $case;
    }

    /**
     * Each case at most once, in the order they were sent.
     *
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function several(string $field, string $enum): array
    {
        return $this->optionalSeveral($field, $enum) ?? ($this->stored ? [] : throw UnreadableMark::isNeeded($field));
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
        if (! is_array($value) || (! array_is_list($value) && ! $this->stored)) {
            throw UnreadableMark::field($field, MarkProblem::NotAList);
        }
        if (count($value) > self::LONGEST_LIST && ! $this->stored) {
            throw UnreadableMark::field($field, MarkProblem::ListTooLong, ['most' => self::LONGEST_LIST]);
        }
        $cases = [];
        foreach ($value as $one) {
            $case = $this->caseOf($field, $enum, $one);
            $cases[$case->value] = $case;
        }
        $this->taken[$field] = array_keys($cases);

        return array_values($cases);
    }

    /** @return array<string, mixed>|null */
    public function optionalMap(string $field): ?array
    {
        $value = $this->value($field);
        if ($value !== null && (! is_array($value) || ($value !== [] && array_is_list($value)) || count($value) > self::LONGEST_LIST)) {
            throw UnreadableMark::field($field, MarkProblem::NotAnObject);
        }

        return $value === null ? null : $this->taken[$field] = $value;
    }

    /**
     * @return array<string, float>|null mm by section id
     *
     * @throws UnreadableMark
     */
    public function optionalLengths(string $field): ?array
    {
        $sent = $this->optionalMap($field);
        $lengths = [];
        foreach ($sent ?? [] as $id => $mm) {
            if (Section::tryFrom((string) $id) === null || ! is_numeric($mm) || $mm < 1 || $mm > 500) {
                throw UnreadableMark::field($field, MarkProblem::NoLengthsBySection);
            }
            $lengths[(string) $id] = (float) $mm;
        }

        return $sent === null ? null : $lengths;
    }

    /** A finding, also by a name that an earlier version gave it. */
    public function finding(string $field): FindingKind
    {
        $value = $this->value($field);
        $kind = is_string($value) ? FindingKind::fromCode($value) : null;

        return $this->caseOf($field, FindingKind::class, $kind->value ?? $value ?? throw UnreadableMark::isNeeded($field));
    }

    /** A treatment by section. */
    public function choices(string $field): Choices
    {
        $codes = $this->optionalMap($field) ?? throw UnreadableMark::isNeeded($field);
        foreach ($codes as $id => $code) {
            if (! is_string($code)) {
                throw UnreadableMark::field($field, MarkProblem::NoTreatmentBySection);
            }
            if (Section::tryFrom((string) $id) === null) {
                if (! $this->stored) {
                    throw UnreadableMark::field($field, MarkProblem::UnknownSection, ['given' => (string) $id]);
                }
                unset($codes[$id]);
            }
        }
        try {
            $choices = Choices::fromCodes($codes);
            $this->taken[$field] = $choices->codes();

            return $choices;
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field($field, MarkProblem::UnknownTreatment, ['given' => $unknown->given]);
        }
    }

    private function value(string $field): mixed
    {
        $this->read[$field] = true;
        if (array_key_exists($field, $this->payload)) {
            $this->taken[$field] = null;
        }

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
            throw UnreadableMark::field($field, MarkProblem::NotOneOf, ['known' => $known]);
        }
        $this->taken[$field] = $case->value;

        return $case;
    }
}

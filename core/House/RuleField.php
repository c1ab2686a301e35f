<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** One house rule that a salon may set: where it stands and what it may be. */
final readonly class RuleField
{
    /**
     * @param string $path as in `HouseRules::flat()`, such as `effort.paceByCoat.curly`
     * @param float|null $least of a number or a length, in its unit
     * @param float|null $most of a number or a length, in its unit
     * @param list<string> $options of a choice
     */
    private function __construct(
        public string $path,
        public RuleKind $kind,
        public ?RuleUnit $unit = null,
        public ?float $least = null,
        public ?float $most = null,
        public array $options = [],
    ) {}

    public static function number(string $path, RuleUnit $unit, float $least, float $most): self
    {
        return new self($path, RuleKind::Number, $unit, $least, $most);
    }

    public static function yesNo(string $path): self
    {
        return new self($path, RuleKind::YesNo);
    }

    /** @param list<\BackedEnum> $options */
    public static function choice(string $path, array $options): self
    {
        return new self($path, RuleKind::Choice, options: array_map(fn(\BackedEnum $case): string => (string) $case->value, $options));
    }

    public static function lengths(string $path, float $leastMm, float $mostMm): self
    {
        return new self($path, RuleKind::Lengths, RuleUnit::Mm, $leastMm, $mostMm);
    }

    public static function route(string $path): self
    {
        return new self($path, RuleKind::Route);
    }
}

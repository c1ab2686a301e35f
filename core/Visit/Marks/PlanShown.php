<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Visit\Terms;

/** A whole plan was put to the client: exactly these choices, at this price, within these limits. */
final readonly class PlanShown implements Payload
{
    private const HIGHEST_CENTS = 100_000_000;

    private function __construct(public Choices $choices, public ?int $priceCents, public ?Terms $terms) {}

    /** As it is kept: what it came to is written down when it is taken. */
    public static function on(Terms $terms): self
    {
        return new self($terms->choices, $terms->priceCents, $terms);
    }

    public static function read(PayloadReader $reader): static
    {
        $choices = $reader->choices('choices');
        $priceCents = $reader->optionalWhole('priceCents', 0, self::HIGHEST_CENTS);
        $matMinutes = $reader->optionalNumber('matMinutes', 0, 100_000);
        $weightKg = $reader->optionalNumber('weightKg', 0.3, 120);
        $feeLimitCents = $reader->optionalWhole('feeLimitCents', 0, self::HIGHEST_CENTS);
        $permission = $reader->optionalOne('permission', ClipConsent::class);
        $reader->finish();

        return new self($choices, $priceCents, $permission === null || $weightKg === null
            ? null
            : new Terms($choices, $priceCents, $matMinutes, $weightKg, $feeLimitCents, $permission));
    }

    /** @return array<string, mixed> as it is stored */
    public function fields(): array
    {
        return [
            'choices' => $this->choices->codes(),
            ...($this->terms === null ? [] : [
                'priceCents' => $this->terms->priceCents,
                'matMinutes' => $this->terms->matMinutes,
                'weightKg' => $this->terms->weightKg,
                'feeLimitCents' => $this->terms->feeLimitCents,
                'permission' => $this->terms->permission->value,
            ]),
        ];
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\Terms;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;

/** A whole plan was put to the client: exactly these choices, at this price, within these limits. */
#[Kind(Phase::Plan, who: Who::Groomer)]
final readonly class PlanShown implements Payload
{
    private const HIGHEST_CENTS = 100_000_000;

    /** Null: it was shown by a version that did not keep them. */
    public ?Terms $terms;

    /**
     * @param int|null $priceCents what the screen showed; another price than the one in force is refused
     * @param float|null $matMinutes this and what follows is written down by the server when the plan is taken, whatever was sent
     */
    public function __construct(
        public Choices $choices,
        #[Whole(0, self::HIGHEST_CENTS)]
        public ?int $priceCents = null,
        #[Number(0, 100_000)]
        ?float $matMinutes = null,
        #[Number(0.3, 120)]
        ?float $weightKg = null,
        #[Whole(0, self::HIGHEST_CENTS)]
        ?int $feeLimitCents = null,
        ?ClipConsent $permission = null,
    ) {
        $this->terms = $permission === null || $weightKg === null
            ? null
            : new Terms($choices, $priceCents, $matMinutes, $weightKg, $feeLimitCents, $permission);
    }

    /** As it is kept: what it came to is written down when it is taken. */
    public static function on(Terms $terms): self
    {
        return new self(
            $terms->choices,
            $terms->priceCents,
            $terms->matMinutes,
            $terms->weightKg,
            $terms->feeLimitCents,
            $terms->permission,
        );
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

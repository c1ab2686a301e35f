<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Visit\Marks\PlanShown;

/** What a plan comes to for the client: what is done, what it costs, how much it may, and what may be cut without asking. */
final readonly class Terms
{
    /**
     * @param int|null $priceCents null: shown by a version that did not keep it
     * @param float|null $matMinutes minutes of opening and thinning mats that the price counts
     * @param int|null $feeLimitCents the most the client wants to pay; null: no limit
     */
    public function __construct(
        public Choices $choices,
        public ?int $priceCents,
        public ?float $matMinutes,
        public float $weightKg,
        public ?int $feeLimitCents,
        public ClipConsent $permission,
    ) {}

    /** Of the plan in force, as they are at this moment. */
    public static function now(VisitReport $visit): self
    {
        $matMinutes = $visit->matMinutesAsPlanned();

        return new self(
            $visit->totals->choices,
            $visit->priceOfMats($matMinutes)->totalCents,
            $matMinutes,
            $visit->state->dog()->weightKg,
            $visit->state->answers->feeLimitCents,
            $visit->state->consent(),
        );
    }

    /**
     * The mark that shows a plan, with what it comes to: an undo of what was answered before does not change what was shown.
     *
     * @param Mark<PlanShown> $mark
     *
     * @return Mark<PlanShown>
     */
    public static function writtenInto(Mark $mark, VisitReport $visit): Mark
    {
        $shown = PlanShown::on(self::now($visit));

        return $mark->with($shown, $shown->fields());
    }

    /** What speaks against a yes to these terms by what is so now; null: it holds. A lower price, or less that may be cut, does not. */
    public function voidedBy(VisitReport $visit): ?VoidedBy
    {
        $price = $this->priceNow($visit);
        $limit = $visit->state->answers->feeLimitCents;

        return match (true) {
            $price !== null && $this->priceCents !== null && $price > $this->priceCents => VoidedBy::HigherPrice,
            $limit !== null && $limit < ($this->feeLimitCents ?? INF) => VoidedBy::LowerLimit,
            $visit->state->consent()->isWiderThan($this->permission) => VoidedBy::WiderPermission,
            default => null,
        };
    }

    /** The same choices by what is known of the dog now, in whole cents. Work at the table does not change it. */
    public function priceNow(VisitReport $visit): ?int
    {
        return match (true) {
            $this->matMinutes === null => null,
            $visit->state->run->hasBegun() => $visit->priceOfMats($this->matMinutesAt($visit->state->dog()->weightKg))->totalCents,
            default => $visit->priceOfMats($visit->matMinutes($this->choices))->totalCents,
        };
    }

    /** Of a dog of another weight: minutes of opening mats grow with its surface, kg^(2/3). */
    public function matMinutesAt(float $weightKg): float
    {
        return ($this->matMinutes ?? 0.0) * ($weightKg / $this->weightKg) ** (2 / 3);
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Words\Terms;

/** What a plan comes to by what is so now, held against what it came to when the client saw it. */
final readonly class TermsNow
{
    public function __construct(private VisitReport $visit) {}

    /** Of the plan in force. */
    public function terms(): Terms
    {
        $matMinutes = $this->visit->matMinutesAsPlanned();

        return new Terms(
            $this->visit->totals->choices,
            $this->visit->priceOfMats($matMinutes)->totalCents,
            $matMinutes,
            $this->visit->state->dog()->weightKg,
            $this->visit->state->arrival->answers->feeLimitCents,
            $this->visit->state->arrival->consent(),
        );
    }

    /**
     * The mark that shows a plan, with what it comes to: an undo of what was answered before does not change what was shown.
     *
     * @param Mark<PlanShown> $mark
     *
     * @return Mark<PlanShown>
     */
    public function writtenInto(Mark $mark): Mark
    {
        $shown = PlanShown::on($this->terms());

        return $mark->with($shown, $shown->fields());
    }

    /** What speaks against a yes to these terms; null: it holds. A lower price, or less that may be cut, does not. */
    public function voids(Terms $terms): ?VoidedBy
    {
        $price = $this->priceOf($terms);
        $limit = $this->visit->state->arrival->answers->feeLimitCents;

        return match (true) {
            $price !== null && $terms->priceCents !== null && $price > $terms->priceCents => VoidedBy::HigherPrice,
            $limit !== null && $limit < ($terms->feeLimitCents ?? INF) => VoidedBy::LowerLimit,
            $this->visit->state->arrival->consent()->isWiderThan($terms->permission) => VoidedBy::WiderPermission,
            default => null,
        };
    }

    /** The same choices by what is known of the dog now, in whole cents. Work at the table does not change it. */
    public function priceOf(Terms $terms): ?int
    {
        return match (true) {
            $terms->matMinutes === null => null,
            $this->visit->state->run->hasBegun() => $this->visit->priceOfMats(
                $terms->matMinutesAt($this->visit->state->dog()->weightKg),
            )->totalCents,
            default => $this->visit->priceOfMats($this->visit->matMinutes($terms->choices))->totalCents,
        };
    }
}

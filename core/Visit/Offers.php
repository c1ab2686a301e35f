<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\PlanAim;

/** The ways that a client is offered: the salon's suggestion first, then the other named plans, none twice. */
final readonly class Offers
{
    /** A client who has not looked by tomorrow is telephoned. */
    public const HOURS_VALID = 24;

    /** @return list<Offer> */
    public static function of(VisitReport $visit): array
    {
        $suggested = $visit->totals->choices;
        $offers = [new Offer(Offer::SUGGESTED, $visit->state->planChosen?->what->aim ?? PlanAim::Between, $suggested)];
        $frontier = (new FrontierSolver($visit->fromHere, $visit->wishes()))->feasible();
        $known = [$suggested];
        foreach ([
            [PlanAim::KeepCoat, $frontier->keepsMost()],
            [PlanAim::Balanced, $frontier->balanced()],
            [PlanAim::Easiest, $frontier->easiest()],
        ] as [$aim, $plan]) {
            if ($plan !== null && array_filter($known, $plan->choices->equals(...)) === []) {
                $known[] = $plan->choices;
                $offers[] = new Offer($aim->value, $aim, $plan->choices);
            }
        }

        return $offers;
    }
}

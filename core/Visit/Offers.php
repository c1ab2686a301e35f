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
        $offers = [new Offer(Offer::SUGGESTED, $visit->state->planned->chosen?->what->aim ?? PlanAim::Between, $suggested)];
        $frontier = (new FrontierSolver($visit->fromHere, $visit->wishes()))->feasible();
        $known = [$suggested];
        foreach (array_reverse($frontier->named()) as $named) {
            if (array_filter($known, $named->plan->choices->equals(...)) === []) {
                $known[] = $named->plan->choices;
                // Of plans that are one the client hears what is worth the pulling, else what keeps the coat.
                $aim = in_array(PlanAim::Balanced, $named->aims, true) ? PlanAim::Balanced : $named->aims[count($named->aims) - 1];
                $offers[] = new Offer($aim->value, $aim, $named->plan->choices);
            }
        }

        return $offers;
    }
}

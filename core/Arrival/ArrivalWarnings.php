<?php

declare(strict_types=1);

namespace HoundCheck\Core\Arrival;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\CoatState;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Heat;
use HoundCheck\Core\Marks\Words\ArrivalAnswers;
use HoundCheck\Core\Marks\Words\Continued;
use HoundCheck\Core\Memory\Expected;

/** What the arrival answers mean for today, the most urgent first. */
final readonly class ArrivalWarnings
{
    /** It is long since the last comb-out from the day on which the clock expects at least this many mats. */
    private const LONG_EXPECTS_MATS = 1.0;

    /**
     * @param Expected|null $expected what the dog's clock says it comes in with; null: nobody knows when it was combed out
     * @param Continued|null $continued what an earlier visit left for this one
     *
     * @return list<ArrivalWarning>
     */
    public static function of(Dog $dog, ArrivalAnswers $answers, ?Expected $expected = null, ?Continued $continued = null): array
    {
        $gear = $answers->gear ?? [];
        $heat = new Heat($answers->weeksSinceHeat);
        $worn = array_filter($gear, fn(Gear $one): bool => $one !== Gear::WetLegs);

        return array_values(array_filter([
            $continued === null ? null : new ArrivalWarning(ArrivalConcern::Continues, sections: $continued->left),
            $worn !== [] && $answers->gearOff !== true ? new ArrivalWarning(ArrivalConcern::GearStillOn) : null,
            match ($answers->coatState) {
                CoatState::Caked => new ArrivalWarning(ArrivalConcern::CakedCoat),
                CoatState::Grubby => new ArrivalWarning(ArrivalConcern::GrubbyCoat),
                default => null,
            },
            ...array_map(self::ofHealth(...), $dog->health),
            $heat->isNow() ? new ArrivalWarning(ArrivalConcern::InSeason, sections: [Section::Groin]) : null,
            $heat->bringsAMoult() && $dog->hasUndercoat() && $answers->moult === null
                ? new ArrivalWarning(ArrivalConcern::MoultAfterHeat)
                : null,
            $answers->washedOverKnots === true ? new ArrivalWarning(ArrivalConcern::WashedOverKnots) : null,
            self::longSinceCombOut($expected),
            $answers->firstGroom === true ? new ArrivalWarning(ArrivalConcern::FirstGroom) : null,
            $dog->isInCoatChange() ? new ArrivalWarning(ArrivalConcern::CoatChange) : null,
            ...array_map(
                fn(Gear $worn): ArrivalWarning => new ArrivalWarning(ArrivalConcern::Gear, gear: $worn, sections: self::under($worn)),
                $gear,
            ),
        ]));
    }

    private static function ofHealth(HealthFact $fact): ?ArrivalWarning
    {
        $concern = ArrivalConcern::ofHealth($fact);

        return $concern === null ? null : new ArrivalWarning($concern);
    }

    private static function longSinceCombOut(?Expected $expected): ?ArrivalWarning
    {
        return $expected === null || $expected->mats < self::LONG_EXPECTS_MATS
            ? null
            : new ArrivalWarning(ArrivalConcern::LongSinceCombOut, $expected->days, $expected->tangles, $expected->mats);
    }

    /** @return list<Section> */
    private static function under(Gear $gear): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => in_array($section->part(), $gear->rubs(), true)));
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Words\Continued;

/** What is divided over several visits, from one of them to the next. */
final class LeftForLater
{
    /** What a visit leaves for the next one; null: nothing. */
    public static function after(VisitState $visit): ?Continued
    {
        $later = $visit->later();
        $number = $visit->arrival->cameIn()->what->continued->visit ?? 1;

        // What is only brushed there needs no naming: the comb goes through everything again.
        $matted = array_values(array_filter($later, fn(Section $section): bool => self::isMatted($section, $visit)));

        return $later === [] || $visit->planned->split === null
            ? null
            : new Continued($number + 1, $number - 1 + $visit->planned->split->what->of, $matted === [] ? $later : $matted);
    }

    /** What a dog that comes in now goes on with; null: it begins anew, as after a visit that was stopped. */
    public static function since(VisitState $last): ?Continued
    {
        return $last->leaving->closing?->what instanceof HandedOver ? self::after($last) : null;
    }

    private static function isMatted(Section $section, VisitState $visit): bool
    {
        $check = $visit->run->at($section)->asking ?? $visit->combed->checks[$section->value]->what->check ?? null;

        return $check !== null && (new Grader)->grade($check)->grade?->isMatted() === true;
    }
}

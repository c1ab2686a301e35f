<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Visit\Marks\HandedOver;

/** What an earlier visit left for this one. */
final readonly class Continued
{
    /**
     * @param int $visit which of them this is, from 2
     * @param int $of as it is divided now: what is left may be divided again
     * @param list<Section> $left matted and not worked yet; no bath so far
     */
    public function __construct(public int $visit, public int $of, public array $left) {}

    /** What a visit leaves for the next one; null: nothing. */
    public static function after(VisitState $visit): ?self
    {
        $later = $visit->later();
        $number = $visit->arrival->what->continued->visit ?? 1;

        // What is only brushed there needs no naming: the comb goes through everything again.
        $matted = array_values(array_filter($later, fn(Section $section): bool => self::isMatted($section, $visit)));

        return $later === [] || $visit->split === null
            ? null
            : new self($number + 1, $number - 1 + $visit->split->what->of, $matted === [] ? $later : $matted);
    }

    /** What a dog that comes in now goes on with; null: it begins anew, as after a visit that was stopped. */
    public static function since(VisitState $last): ?self
    {
        return $last->closing?->what instanceof HandedOver ? self::after($last) : null;
    }

    private static function isMatted(Section $section, VisitState $visit): bool
    {
        $check = $visit->run->at($section)->asking ?? $visit->checks[$section->value]->what->check ?? null;

        return $check !== null && (new Grader)->grade($check)->grade?->isMatted() === true;
    }
}

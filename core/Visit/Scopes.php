<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\WorkOrder;
use HoundCheck\Core\Marks\Words\RunScope;

/** How far round the dog the brush-out may go before the bath, as it was found and as the house works. */
final readonly class Scopes
{
    /** @return list<RunScope> the house's way first */
    public static function of(VisitReport $visit): array
    {
        return [
            ...(self::mayCheckLightly($visit) ? [RunScope::LightCheckFirst] : []),
            RunScope::WholeCoat,
            RunScope::PlannedOnly,
        ];
    }

    /** Line brushing may wait for the clean dry coat: the house works so, and no place is a tangle or worse. */
    private static function mayCheckLightly(VisitReport $visit): bool
    {
        $isMatted = fn(Section $section): bool => $visit->fromHere->grade($section)?->isMatted() === true;

        return $visit->rules->schools->order === WorkOrder::LightCheckFirst
            && $visit->fromHere->toCheck() === []
            && array_filter(Section::cases(), $isMatted) === [];
    }
}

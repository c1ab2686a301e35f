<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;

/** What a section in hand asks; brushing comes after its lines, where the house counts them. */
enum TableStep: string
{
    /** Nothing is decided here. */
    case Plan = 'plan';
    case Clip = 'clip';
    /** A longer cut of matted hair is no proof yet. */
    case CombTheCut = 'comb_the_cut';
    /** Nothing was found: one touch says that the comb passes. */
    case Pass = 'pass';
    case Comb = 'comb';

    public static function at(Section $section, VisitReport $visit): self
    {
        $choice = $visit->totals->choices->for($section);
        $mm = $choice?->clipMm;
        $cutMm = $visit->state->run->at($section)->cutMm();

        return match (true) {
            $choice === null => self::Plan,
            // A cut on clean coat waits for the dryer.
            $mm !== null && ! $visit->cuts()->waitsForTheDryer($section) => ($cutMm ?? INF) <= $mm ? self::CombTheCut : self::Clip,
            $visit->fromHere->grade($section)?->isMatted() === false => self::Pass,
            default => self::Comb,
        };
    }
}

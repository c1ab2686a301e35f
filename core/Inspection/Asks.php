<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Kinds\SecondCombed;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Payload;

/** What a place is asked once, whoever asks it: answers to the same of these meet. */
enum Asks: string
{
    /** Before the bath, at inspection and table alike. */
    case Comb = 'comb';
    case Own = 'own';
    case SecondComb = 'second_comb';

    public static function by(Payload $what): ?self
    {
        return match (true) {
            $what instanceof CombChecked, $what instanceof TableCombed => self::Comb,
            $what instanceof GradeJudged => self::Own,
            $what instanceof SecondCombed => self::SecondComb,
            default => null,
        };
    }

    /** The same answer with another check. */
    public static function checked(Payload $what, CombCheck $check): Payload
    {
        return $what instanceof CombDrawn ? $what::of($check) : $what;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Kinds\BathCleared;
use HoundCheck\Core\Marks\Kinds\BathStepped;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\LineDone;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\Paused;
use HoundCheck\Core\Marks\Kinds\PostureTaken;
use HoundCheck\Core\Marks\Kinds\RestBegan;
use HoundCheck\Core\Marks\Kinds\Resumed;
use HoundCheck\Core\Marks\Kinds\SectionTaken;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Payload;

/** What a mark of the table, or after it, says of where the hands are. */
enum HandsTurn: string
{
    case Rest = 'rest';
    case GoOn = 'go_on';
    /** To the bath: nothing is in hand, and a pause goes on. */
    case Leave = 'leave';
    /** The section is done. */
    case Finish = 'finish';
    /** Hands on end a pause that nobody ended. */
    case Take = 'take';

    public static function of(Payload $what): ?self
    {
        return match (true) {
            $what instanceof Paused, $what instanceof RestBegan => self::Rest,
            $what instanceof Resumed, $what instanceof PostureTaken => self::GoOn,
            $what instanceof BathCleared, $what instanceof BathStepped => self::Leave,
            $what instanceof Clipped, $what instanceof TableCombed && SectionLedger::passes($what->check) => self::Finish,
            $what instanceof SectionTaken, $what instanceof LineDone, $what instanceof TableCombed, $what instanceof MatTaken => self::Take,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

use HoundCheck\Core\House\TableRules;

/** What the dog says while it is worked on. */
enum Signal: string
{
    /** Looks round or stares. */
    case Looks = 'looks';
    /** Tucks up or pulls away. */
    case Tucks = 'tucks';
    case Cries = 'cries';
    case Mouths = 'mouths';
    case Snaps = 'snaps';

    /** Tension minutes that it takes from what the dog can still bear; a snap takes all. */
    public function minutes(TableRules $rules): float
    {
        return $this === self::Snaps ? INF : $rules->reactionMinutes[$this->value];
    }
}

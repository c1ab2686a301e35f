<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** Whether a comb result gives a grade. */
enum Verdict: string
{
    case NotChecked = 'not_checked';
    case CombAgain = 'comb_again';
    case Graded = 'graded';
}

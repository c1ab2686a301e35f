<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

enum RuleUnit: string
{
    case Mm = 'mm';
    case Minutes = 'min';
    case Seconds = 's';
    case SecondsPerCm = 's/cm';
    case SecondsPerSquareCm = 's/cm²';
    /** Whole hundredths of the salon's currency. */
    case Cents = 'cents';
    case Days = 'days';
    case Weeks = 'weeks';
    case Places = 'places';
    /** Whole things that are there. */
    case Count = 'of them';
    case WholeMinutes = 'whole min';
    case Lines = 'lines';
    case Passes = 'passes';
    case PerMm = 'per mm';
    case Grade = 'grade';
    case Closes = 'closes';
    /** A plain number that multiplies. */
    case Factor = '×';
    /** A part of the whole, 0–1. */
    case Share = 'of 1';
}

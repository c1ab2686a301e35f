<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** Why a section is looked at first. */
enum LookFirstReason: string
{
    /** A hand over the whole coat, before any comb, felt something. */
    case Felt = 'felt';
    /** The dog's own clock expects a mat. */
    case Clock = 'clock';
    case Collar = 'collar';
    case Harness = 'harness';
    case Coat = 'coat';
    case BellyBand = 'belly_band';
    case WetLegs = 'wet_legs';
    case Always = 'always';
    case CoatChange = 'coat_change';
    case EntireMale = 'entire_male';
    case LastVisit = 'last_visit';
}

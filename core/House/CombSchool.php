<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Whether a comb opens anything. */
enum CombSchool: string
{
    /** It proves that a section is done, and never pulls mats out. */
    case OnlyChecks = 'only_checks';
    /** Its end tooth may open a tangle where fingers do not reach. */
    case EndToothOpensTangles = 'end_tooth_opens_tangles';
}

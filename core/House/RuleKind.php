<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** How a house rule is set. */
enum RuleKind: string
{
    case Number = 'number';
    case YesNo = 'yes_no';
    case Choice = 'choice';
    /** Lengths of cutters in mm, shortest first. */
    case Lengths = 'lengths';
    /** All 30 sections, each once. */
    case Route = 'route';
}

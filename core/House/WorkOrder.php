<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

enum WorkOrder: string
{
    /** Mats never get wet. */
    case BrushFirst = 'brush_first';
    /** Light check, wash, blow out, then line brushing on the clean dry coat: for a dog without a tangle. */
    case LightCheckFirst = 'light_check_first';
}

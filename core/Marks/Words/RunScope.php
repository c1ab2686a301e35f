<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How far round the dog a brush-out goes. */
enum RunScope: string
{
    case WholeCoat = 'whole_coat';
    /** Only the sections in which something was found or is clipped; said so before the start. */
    case PlannedOnly = 'planned_only';
    /** None before the bath: the light check is the inspection's, lines are brushed on the clean dry coat. */
    case LightCheckFirst = 'light_check_first';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** How the house goes about a mat. */
enum MatSchool: string
{
    case FingersFirst = 'fingers_first';
    case SplittingToolAllowed = 'splitting_tool_allowed';
    case ClipEarly = 'clip_early';
}

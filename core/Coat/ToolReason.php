<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

enum ToolReason: string
{
    case SlickerBreaksLongDropCoat = 'slicker_breaks_long_drop_coat';
    case ShorterDropCoat = 'shorter_drop_coat';
    case MustReachTheSkin = 'must_reach_the_skin';
    case UndercoatAfterTopcoat = 'undercoat_after_topcoat';
    case PrimitivePickedOutwards = 'primitive_picked_outwards';
    case ShortCoat = 'short_coat';
    case SoftestThatReaches = 'softest_that_reaches';
}

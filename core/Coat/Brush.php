<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** Brushes named in the coat table; always the softest that reaches the skin. */
enum Brush: string
{
    case Pin = 'pin';
    case SoftSlickerOrPin = 'soft_slicker_or_pin';
    case BentPinSlicker = 'bent_pin_slicker';
    case SlickerThenRake = 'slicker_then_rake';
    case PinThenLongPinSlicker = 'pin_then_long_pin_slicker';
    case SoftSlicker = 'soft_slicker';
    case BristleOrRubber = 'bristle_or_rubber';
}

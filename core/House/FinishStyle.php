<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\CoatType;

/** How a full groom is finished on the clean dry coat. */
enum FinishStyle: string
{
    case LeftLong = 'left_long';
    /** Head and legs scissored. */
    case BodyClipped = 'body_clipped';
    case ScissoredAllOver = 'scissored_all_over';
    case DoubleTidied = 'double_tidied';
    case WireClipped = 'wire_clipped';
    /** Dead hair plucked by hand, before the bath. */
    case HandStripped = 'hand_stripped';

    /** @return list<self> only wire is plucked */
    public static function for(CoatType $coat): array
    {
        return array_values(array_filter(
            self::cases(),
            fn(self $style): bool => $style !== self::HandStripped || $coat === CoatType::Wire,
        ));
    }

    /** What is usual for a coat, until the client says otherwise. */
    public static function usual(CoatType $coat): self
    {
        return match ($coat) {
            CoatType::Double => self::DoubleTidied,
            CoatType::Wire => self::WireClipped,
            CoatType::Curly => self::BodyClipped,
            CoatType::Silky, CoatType::Mixed, CoatType::Smooth => self::LeftLong,
        };
    }
}

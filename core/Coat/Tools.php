<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/**
 * The main brush and whether the fine comb may be used, for a coat and its length at the place.
 *
 * The reason is the row of the coat table that decided.
 */
final readonly class Tools
{
    /** From this length on a slicker breaks a drop coat, in mm. */
    public const LONG_DROP_COAT_MM = 76.0;

    private function __construct(
        public Brush $brush,
        public bool $fineComb,
        public ToolReason $reason,
    ) {}

    /** @param float $lengthMm coat length at the place */
    public static function for(CoatType $coat, bool $primitive, float $lengthMm): self
    {
        if ($coat === CoatType::Double && $primitive) {
            return new self(Brush::PinThenLongPinSlicker, false, ToolReason::PrimitivePickedOutwards);
        }

        return match ($coat) {
            CoatType::Silky => $lengthMm >= self::LONG_DROP_COAT_MM
                ? new self(Brush::Pin, true, ToolReason::SlickerBreaksLongDropCoat)
                : new self(Brush::SoftSlickerOrPin, true, ToolReason::ShorterDropCoat),
            CoatType::Curly, CoatType::Mixed => new self(Brush::BentPinSlicker, true, ToolReason::MustReachTheSkin),
            CoatType::Double => new self(Brush::SlickerThenRake, true, ToolReason::UndercoatAfterTopcoat),
            CoatType::Smooth => new self(Brush::BristleOrRubber, true, ToolReason::ShortCoat),
            CoatType::Wire => new self(Brush::SoftSlicker, true, ToolReason::SoftestThatReaches),
        };
    }
}

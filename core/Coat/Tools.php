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
    private const FINE_ALWAYS = [BodyPart::Muzzle, BodyPart::Crown, BodyPart::Ear, BodyPart::Forefoot, BodyPart::Hindfoot];

    /** From this length on a slicker breaks a drop coat, in mm. */
    public const LONG_DROP_COAT_MM = 76.0;

    private function __construct(
        public Brush $brush,
        public bool $fineComb,
        public ToolReason $reason,
    ) {}

    /**
     * @param float $lengthMm coat length at the place
     * @param float $fineCombMm the fine end goes through hair up to this length; on face, ears and feet through any
     */
    public static function for(CoatType $coat, bool $primitive, float $lengthMm, BodyPart $part, float $fineCombMm): self
    {
        if ($coat === CoatType::Double && $primitive) {
            return new self(Brush::PinThenLongPinSlicker, false, ToolReason::PrimitivePickedOutwards);
        }
        [$brush, $reason] = match ($coat) {
            CoatType::Silky => $lengthMm >= self::LONG_DROP_COAT_MM
                ? [Brush::Pin, ToolReason::SlickerBreaksLongDropCoat]
                : [Brush::SoftSlickerOrPin, ToolReason::ShorterDropCoat],
            CoatType::Curly, CoatType::Mixed => [Brush::BentPinSlicker, ToolReason::MustReachTheSkin],
            CoatType::Double => [Brush::SlickerThenRake, ToolReason::UndercoatAfterTopcoat],
            CoatType::Smooth => [Brush::BristleOrRubber, ToolReason::ShortCoat],
            CoatType::Wire => [Brush::SoftSlicker, ToolReason::SoftestThatReaches],
        };
        $goesThrough = $lengthMm <= $fineCombMm || (in_array($part, self::FINE_ALWAYS, true) && $coat !== CoatType::Double);

        return new self($brush, $goesThrough, $reason);
    }
}

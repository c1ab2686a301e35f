<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Marks\Words\HeldWay;

/**
 * Which place that is left alone may go to the bath, and how: kept dry where it can be kept out of the water, or water
 * without product where the skin is whole. Anything larger on body or legs: no full bath.
 */
final readonly class HeldPlaces
{
    /** A palm, in mm across. */
    private const PALM_MM = 80.0;

    private const KEPT_OUT_OF_THE_WATER = [
        BodyPart::Muzzle, BodyPart::Crown, BodyPart::Ear, BodyPart::BehindEar, BodyPart::Forefoot, BodyPart::Hindfoot, BodyPart::Tail,
    ];

    private const LIMBS = [BodyPart::Foreleg, BodyPart::Hindleg];

    private const BROKEN_SKIN = [
        FindingKind::OpenSkin, FindingKind::HotSpot, FindingKind::Moist, FindingKind::Scab, FindingKind::Maggots,
    ];

    /**
     * @param list<OpenFinding> $findings open there
     * @param Grade|null $grade in force
     *
     * @return list<HeldWay> none: no full bath
     */
    public static function ways(Section $section, array $findings, ?Grade $grade): array
    {
        $kinds = array_column($findings, 'kind');
        if (in_array(FindingKind::Maggots, $kinds, true)) {
            return [];
        }
        $isSmall = $findings !== []
            && array_filter($findings, fn(OpenFinding $finding): bool => ($finding->sizeMm ?? INF) > self::PALM_MM) === [];
        $ways = [];
        if (
            in_array($section->part(), self::KEPT_OUT_OF_THE_WATER, true)
            || (in_array($section->part(), self::LIMBS, true) && $isSmall)
        ) {
            $ways[] = HeldWay::KeptDry;
        }
        $isBroken = array_filter($kinds, fn(FindingKind $kind): bool => in_array($kind, self::BROKEN_SKIN, true)) !== [];
        if ($grade !== null && ! $grade->isMatted() && ! $isBroken) {
            $ways[] = HeldWay::WaterOnly;
        }

        return $ways;
    }
}

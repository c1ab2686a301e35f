<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\CombSchool;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\House\Schools;

/** Ways to open a mat in the hand, the gentlest first. */
enum OpeningWay: string
{
    case Fingers = 'fingers';
    case BrushCorner = 'brush_corner';
    case PatAndLift = 'pat_and_lift';
    case BothWays = 'both_ways';
    case EndTooth = 'end_tooth';
    case SplittingTool = 'splitting_tool';

    /** @return list<self> at a place of this grade, as the house works */
    public static function for(Grade $grade, Schools $schools): array
    {
        return array_values(array_filter(self::cases(), fn(self $way): bool => match ($way) {
            self::EndTooth => $grade === Grade::Tangle && $schools->combOpens === CombSchool::EndToothOpensTangles,
            self::SplittingTool => $grade->atLeast(Grade::Mat) && $schools->mats === MatSchool::SplittingToolAllowed,
            default => true,
        }));
    }
}

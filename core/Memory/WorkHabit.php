<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\HouseRules;

/** What is made of this dog's mats: a dog whose mats are clipped takes less time than one whose mats are opened. */
final class WorkHabit
{
    /** Older visits tell of another coat, or another wish. */
    private const LATEST = 6;

    /** As many visits at the rules' own minutes are added, so that one odd visit does not turn it. */
    private const PSEUDO_VISITS = 1;

    private const BELIEVABLE = 4.0;

    /**
     * exp(Σ log r / (n + 1)), r = table minutes that were worked by the rules' reckoning, against those that opening what was
     * found would have taken.
     *
     * @return float 1: nothing is known
     */
    public static function factor(Dog $dog, DogMemory $memory, HouseRules $house): float
    {
        $forecaster = new Forecaster($dog, $memory->clock(), $house);
        $sum = 0.0;
        $visits = 0;
        foreach (array_slice($memory->visits, -self::LATEST) as $visit) {
            $opening = self::openingMinutes($forecaster, $visit, $dog, $house);
            $ratio = $opening > 0 ? $visit->workedMinutes / $opening : 0.0;
            if ($ratio >= 1 / self::BELIEVABLE && $ratio <= self::BELIEVABLE) {
                $sum += log($ratio);
                $visits++;
            }
        }

        return exp($sum / ($visits + self::PSEUDO_VISITS));
    }

    private static function openingMinutes(Forecaster $forecaster, VisitTells $visit, Dog $dog, HouseRules $house): float
    {
        $coat = new LeftCoat($dog->coat, DogMemory::usual($visit->cameInMm), $visit->cameInMm, $house->memory);
        $effort = $forecaster->effortOf($coat, 0);
        $minutes = 0.0;
        foreach (Section::cases() as $section) {
            $grade = ($visit->found[$section->value] ?? Grade::Clear)->value;
            $found = array_combine([2, 3, 4, 5], array_map(fn(int $one): float => $grade >= $one ? 1.0 : 0.0, [2, 3, 4, 5]));
            $minutes += $forecaster->work($section, $found, $effort)[0];
        }

        return $minutes;
    }
}

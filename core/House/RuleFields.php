<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\RouteSchool;

/**
 * Every house rule and the range it may be set in.
 *
 * The ranges keep out slips of the finger and what would hurt: no planned blade under 1.5 mm, no section cap that is no
 * cap. The grade table is not among them: it is the one scale by which people and visits are compared.
 */
final readonly class RuleFields
{
    /** @return array<string, RuleField> by path, in the order of the screen */
    public static function all(): array
    {
        $fields = [
            ...self::schools(),
            ...self::kit(),
            ...self::minutes(),
            ...self::tolerance(),
            ...self::plan(),
            ...self::standing(),
            ...self::table(),
            ...self::prices(),
            ...self::memory(),
            ...self::day(),
        ];

        return array_combine(array_column($fields, 'path'), $fields);
    }

    /** @return list<RuleField> */
    private static function schools(): array
    {
        return [
            RuleField::choice('schools.route', RouteSchool::cases()),
            RuleField::route('schools.ownRoute'),
            RuleField::choice('schools.mats', MatSchool::cases()),
            RuleField::choice('schools.combOpens', CombSchool::cases()),
            RuleField::yesNo('plan.thinningAllowed'),
            RuleField::yesNo('plan.tenderPlacesClipOnly'),
            RuleField::number('plan.tenderClipOnlyFrom', RuleUnit::Grade, 2, 3),
            RuleField::choice('schools.order', WorkOrder::cases()),
            RuleField::choice('schools.lineCount', LineCount::cases()),
            RuleField::choice('schools.direction', [CombDirection::WithTheLay, CombDirection::AlsoAgainst]),
            RuleField::choice('schools.wetBrushing', WetBrushing::cases()),
            RuleField::yesNo('schools.bladedDeshedders'),
            RuleField::choice('schools.drying', DryingSchool::cases()),
            RuleField::choice('schools.treats', Treats::cases()),
        ];
    }

    /** @return list<RuleField> */
    private static function kit(): array
    {
        // 0.5 mm may lie in the drawer; it is never planned.
        return [
            RuleField::lengths('kit.bladesMm', 0.5, 25),
            RuleField::lengths('kit.guardsMm', 3, 60),
            RuleField::number('kit.closeShare', RuleUnit::Share, 0.02, 0.6),
        ];
    }

    /** @return list<RuleField> */
    private static function minutes(): array
    {
        return [
            RuleField::number('effort.layerMm', RuleUnit::Mm, 5, 40),
            RuleField::number('effort.lineSecondsPerCm', RuleUnit::SecondsPerCm, 0.02, 3),
            RuleField::number('effort.combCheckFactor', RuleUnit::Factor, 1, 3),
            ...self::each('effort.paceByCoat', RuleUnit::Factor, 0.1, 5),
            RuleField::number('effort.lineLengthAtZero', RuleUnit::Factor, 0.05, 3),
            RuleField::number('effort.lineLengthMm', RuleUnit::Mm, 10, 1000),
            RuleField::number('effort.lineLengthMin', RuleUnit::Factor, 0.1, 3),
            RuleField::number('effort.lineLengthMax', RuleUnit::Factor, 0.5, 6),
            RuleField::number('effort.moultLineFactor', RuleUnit::Factor, 1, 4),
            ...self::each('effort.matSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0.05, 30),
            ...self::each('effort.matFactorByCoat', RuleUnit::Factor, 0.1, 5),
            RuleField::number('effort.splittingToolFactor', RuleUnit::Factor, 0.2, 1),
            RuleField::number('effort.thinningFactor', RuleUnit::Factor, 0.1, 1),
            RuleField::number('effort.clipSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0.02, 3),
            RuleField::number('effort.wetLengthAtZero', RuleUnit::Factor, 0.1, 3),
            RuleField::number('effort.wetLengthPerMm', RuleUnit::PerMm, 0, 0.1),
            RuleField::number('effort.wetLengthMax', RuleUnit::Factor, 0.5, 6),
            RuleField::number('effort.dryBaseMinutes', RuleUnit::Minutes, 0, 60),
            RuleField::number('effort.dryerSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0.01, 3),
            ...self::each('effort.dryFactorByCoat', RuleUnit::Factor, 0.1, 5),
            RuleField::number('effort.moultDryFactor', RuleUnit::Factor, 1, 4),
            RuleField::number('effort.bathBaseMinutes', RuleUnit::Minutes, 0, 60),
            RuleField::number('effort.bathSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0, 1),
            ...self::each('effort.bathFactorByCoat', RuleUnit::Factor, 0.1, 5),
            RuleField::number('effort.usualLow', RuleUnit::Factor, 0.3, 1),
            RuleField::number('effort.usualHigh', RuleUnit::Factor, 1, 3),
            RuleField::number('effort.talkMinutes', RuleUnit::Minutes, 0, 60),
            RuleField::number('effort.inspectionBaseMinutes', RuleUnit::Minutes, 0, 60),
            RuleField::number('effort.inspectionSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0, 1),
            RuleField::number('effort.secondCheckPart', RuleUnit::Share, 0, 1),
            RuleField::number('effort.finishBaseMinutes', RuleUnit::Minutes, 0, 120),
            ...self::each('effort.finishSecondsByStyle', RuleUnit::SecondsPerSquareCm, 0, 5),
            RuleField::number('effort.stripBaseMinutes', RuleUnit::Minutes, 0, 120),
            RuleField::number('effort.stripSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0, 5),
            RuleField::number('effort.bathAndBrushBaseMinutes', RuleUnit::Minutes, 0, 60),
            RuleField::number('effort.bathAndBrushSecondsPerSquareCm', RuleUnit::SecondsPerSquareCm, 0, 1),
            RuleField::number('effort.nailsAndTidyMinutes', RuleUnit::Minutes, 1, 60),
            RuleField::number('effort.nailsMinutes', RuleUnit::Minutes, 0, 30),
            RuleField::number('effort.cleanUpMinutes', RuleUnit::Minutes, 0, 60),
            RuleField::number('effort.fleaCleanUpMinutes', RuleUnit::Minutes, 0, 120),
        ];
    }

    /** @return list<RuleField> */
    private static function tolerance(): array
    {
        return [
            RuleField::number('tolerance.baseMinutes', RuleUnit::Minutes, 5, 60),
            RuleField::number('tolerance.mostMinutes', RuleUnit::Minutes, 5, 90),
            RuleField::number('tolerance.sectionCapMinutes', RuleUnit::Minutes, 1, 20),
            RuleField::number('tolerance.sectionCapPart', RuleUnit::Factor, 1, 10),
            RuleField::number('tolerance.frailMinutes', RuleUnit::Minutes, 0, 20),
            ...self::each('tolerance.byAge', RuleUnit::Factor, 0.1, 2),
            ...self::each('tolerance.byTemperament', RuleUnit::Factor, 0.1, 2),
            ...self::each('tolerance.byHealth', RuleUnit::Factor, 0.1, 1),
            ...self::each('tolerance.pullByGrade', RuleUnit::Factor, 0.1, 5),
            RuleField::number('tolerance.firstGroomFactor', RuleUnit::Factor, 0.1, 1),
            RuleField::number('tolerance.waryFactor', RuleUnit::Factor, 0.1, 1),
            RuleField::number('tolerance.tightClipTension', RuleUnit::Factor, 0, 1),
            RuleField::number('tolerance.drawnClipTension', RuleUnit::Factor, 0, 1),
            RuleField::number('tolerance.rednessFactor', RuleUnit::Factor, 1, 5),
            RuleField::number('tolerance.inSeasonFactor', RuleUnit::Factor, 1, 5),
        ];
    }

    /** @return list<RuleField> */
    private static function plan(): array
    {
        return [
            RuleField::number('plan.shortestClipMm', RuleUnit::Mm, 1.5, 13),
            RuleField::number('plan.doubleCoatLeastMm', RuleUnit::Mm, 13, 60),
            RuleField::number('plan.hiddenSeen', RuleUnit::Share, 0, 1),
            RuleField::number('plan.prize', RuleUnit::Factor, 1, 10),
            RuleField::number('plan.keepPerTensionMinute', RuleUnit::Share, 0, 0.1),
            RuleField::number('plan.clipEarlyFactor', RuleUnit::Factor, 1, 20),
            RuleField::number('plan.nearlyFrom', RuleUnit::Share, 0.1, 1),
            RuleField::number('plan.nearlyKeeps', RuleUnit::Share, 0.1, 1),
            RuleField::number('plan.daysApartFrom', RuleUnit::Days, 1, 14),
            RuleField::number('plan.daysApartTo', RuleUnit::Days, 1, 30),
            RuleField::number('plan.severalKeepMore', RuleUnit::Share, 0, 1),
            RuleField::number('plan.evenFrom', RuleUnit::Share, 0, 1),
            RuleField::number('plan.unevenPenalty', RuleUnit::Factor, 0, 2),
            ...self::each('plan.dematLoss', RuleUnit::Share, 0, 1),
            ...self::each('plan.thinningCloses', RuleUnit::Closes, 1, 10),
            RuleField::number('plan.thinningLiftMm', RuleUnit::Mm, 2, 30),
            RuleField::number('plan.thinSkinLiftMm', RuleUnit::Mm, 2, 30),
            RuleField::number('plan.fineTeethMm', RuleUnit::Mm, 1.5, 6.3),
            ...self::each('plan.assumedLiftMm', RuleUnit::Mm, 0, 60),
            ...self::each('plan.assumedMattedShare', RuleUnit::Share, 0.01, 1),
        ];
    }

    /** @return list<RuleField> */
    private static function standing(): array
    {
        return [
            ...self::each('standing.byAge', RuleUnit::Minutes, 5, 240),
            ...self::each('standing.byHealth', RuleUnit::Minutes, 5, 240),
            RuleField::number('standing.firstGroomMinutes', RuleUnit::Minutes, 5, 240),
            RuleField::number('standing.restMinutes', RuleUnit::Minutes, 0, 60),
            ...self::each('standing.inOneVisit', RuleUnit::Minutes, 15, 480),
            ...self::each('standing.inOneVisitByHealth', RuleUnit::Minutes, 15, 480),
        ];
    }

    /** @return list<RuleField> */
    private static function table(): array
    {
        return [
            RuleField::number('table.fineCombMm', RuleUnit::Mm, 0, 500),
            RuleField::number('table.waivedUpTo', RuleUnit::Grade, 1, 2),
            RuleField::number('table.lineSeconds', RuleUnit::Seconds, 10, 300),
            RuleField::number('table.matSeconds', RuleUnit::Seconds, 10, 600),
            RuleField::number('table.linesPerMist', RuleUnit::Lines, 1, 40),
            RuleField::number('table.lowToleranceMinutes', RuleUnit::Minutes, 0, 15),
            ...self::each('table.reactionMinutes', RuleUnit::Minutes, 0.5, 30),
            RuleField::number('table.yieldStops', RuleUnit::Share, 0.05, 0.9),
            RuleField::number('table.mostPasses', RuleUnit::Passes, 1, 20),
        ];
    }

    /** @return list<RuleField> */
    private static function prices(): array
    {
        return [
            ...self::each('prices.baseCents', RuleUnit::Cents, 0, 100_000),
            ...self::each('prices.bathAndBrushCents', RuleUnit::Cents, 0, 100_000),
            ...self::each('prices.nailsAndTidyCents', RuleUnit::Cents, 0, 100_000),
            RuleField::number('prices.includedMatMinutes', RuleUnit::Minutes, 0, 120),
            RuleField::number('prices.quarterHourCents', RuleUnit::Cents, 0, 20_000),
            ...self::each('prices.extraCents', RuleUnit::Cents, 0, 20_000),
        ];
    }

    /** @return list<RuleField> */
    private static function memory(): array
    {
        return [
            ...self::each('memory.daysByCoat', RuleUnit::Days, 10, 3000),
            ...self::each('memory.byGrade', RuleUnit::Factor, 0.2, 6),
            ...self::each('memory.byPart', RuleUnit::Factor, 0.2, 5),
            ...self::each('memory.byGear', RuleUnit::Factor, 0.2, 1),
            RuleField::number('memory.coatChangeFactor', RuleUnit::Factor, 0.2, 1),
            RuleField::number('memory.airDryFactor', RuleUnit::Factor, 0.2, 1),
            RuleField::number('memory.chewedFactor', RuleUnit::Factor, 0.2, 1),
            ...self::each('memory.brushEveryDays', RuleUnit::Days, 0.5, 30),
            RuleField::number('memory.leftAsTold', RuleUnit::Share, 0, 1),
            RuleField::number('memory.leftAsShown', RuleUnit::Share, 0, 1),
            RuleField::number('memory.leftByTheTop', RuleUnit::Share, 0, 1),
            ...self::each('memory.growthMmAMonth', RuleUnit::Mm, 0, 40),
            ...self::each('memory.naturalMm', RuleUnit::Mm, 5, 500),
            RuleField::number('memory.keepableMatsSeen', RuleUnit::Places, 0.1, 30),
            RuleField::number('memory.keepableTensionPart', RuleUnit::Share, 0.05, 1),
            RuleField::number('memory.keepableLost', RuleUnit::Share, 0, 0.5),
            RuleField::number('memory.keepableLostDouble', RuleUnit::Share, 0, 0.5),
            ...self::each('memory.mostWeeks', RuleUnit::Weeks, 1, 12),
            RuleField::number('memory.otherMostWeeks', RuleUnit::Weeks, 1, 12),
            RuleField::lengths('memory.keepableCutsMm', 3, 120),
            RuleField::number('memory.ownerFactor', RuleUnit::Factor, 1, 5),
        ];
    }

    /** @return list<RuleField> */
    private static function day(): array
    {
        return [
            RuleField::number('day.tables', RuleUnit::Count, 1, 20),
            RuleField::number('day.tubs', RuleUnit::Count, 1, 10),
            RuleField::number('day.dryers', RuleUnit::Count, 1, 20),
            RuleField::number('day.betweenPart', RuleUnit::Share, 0, 0.5),
            RuleField::number('day.answerMinutes', RuleUnit::Minutes, 0, 120),
            RuleField::number('day.safeChance', RuleUnit::Share, 0.5, 0.99),
            RuleField::number('day.promiseEveryMinutes', RuleUnit::WholeMinutes, 5, 60),
            RuleField::number('day.newDogWeeks', RuleUnit::Weeks, 1, 52),
            ...self::each('day.spreadByStep', RuleUnit::Factor, 0, 1.5),
            ...self::each('day.guessSpreadByStep', RuleUnit::Factor, 0, 1.5),
        ];
    }

    /** @return list<RuleField> a row of a table for each of its keys */
    private static function each(string $table, RuleUnit $unit, float $least, float $most): array
    {
        $fields = [];
        foreach (array_keys(HouseRules::shop()->flat()) as $path) {
            if (str_starts_with($path, "{$table}.")) {
                $fields[] = RuleField::number($path, $unit, $least, $most);
            }
        }

        return $fields;
    }
}

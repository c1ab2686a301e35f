<?php

declare(strict_types=1);

namespace HoundCheck\Core\Home;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Table\SectionLedger;
use HoundCheck\Core\Table\TableRun;

/** What a client is told to watch for, by what was really done. */
final readonly class AftercareAdvice
{
    /** Up to this length a clip leaves the skin bare to sun and cold, in mm. */
    public const SHORT_CLIP_MM = 6.3;

    /** And over more than this part of the coat that shows it is felt. */
    public const SHORT_OF_WHAT_SHOWS = 0.1;

    /** A place cut to this or shorter is shaved, in mm. */
    public const SHAVED_MM = 3.2;

    /** From this on the skin is tender in the evening, in tension minutes. */
    public const TENDER_AFTER_MINUTES = 10.0;

    /**
     * @param list<FindingKind> $findings open on the dog
     * @param bool $goesOn places are left for a later visit
     *
     * @return list<Aftercare>
     */
    public static function of(TableRun $run, CoatType $coat, array $findings, bool $goesOn = false): array
    {
        $clips = array_filter(
            $run->ledgers->map(fn(SectionLedger $ledger): ?float => $ledger->cutMm())->byId(),
            fn(?float $mm): bool => $mm !== null,
        );

        return array_values(array_filter([
            $goesOn ? Aftercare::BetweenVisits : null,
            self::hadTightEars($run) ? Aftercare::EarsAfterTightMats : null,
            ...self::ofClips($clips, $coat),
            in_array(FindingKind::Redness, $findings, true) ? Aftercare::Redness : null,
            in_array(FindingKind::MitesOrLice, $findings, true) ? Aftercare::Parasites : null,
            $run->borneMinutes() > self::TENDER_AFTER_MINUTES ? Aftercare::QuietEvening : null,
        ]));
    }

    /**
     * What a plan brings with it, before anybody says yes to it.
     *
     * @param BySection<Grade> $grades in force
     *
     * @return list<Aftercare>
     */
    public static function before(Choices $choices, BySection $grades, CoatType $coat): array
    {
        $clips = array_filter(
            array_map(fn(Treatment $treatment): ?float => $treatment->clipMm, $choices->bySection),
            fn(?float $mm): bool => $mm !== null,
        );
        $tightEars = array_filter(
            [Section::EarLeft, Section::EarRight],
            fn(Section $ear): bool => $grades->at($ear)?->atLeast(Grade::TightMat) === true
                && $choices->for($ear)?->kind !== TreatmentKind::Leave,
        );

        return array_values(array_filter([
            $tightEars === [] ? null : Aftercare::EarsAfterTightMats,
            ...self::ofClips($clips, $coat),
        ]));
    }

    /**
     * @param array<string, float> $clips length left in mm, by section id
     *
     * @return list<Aftercare|null>
     */
    private static function ofClips(array $clips, CoatType $coat): array
    {
        return [
            self::shownCutShort($clips) > self::SHORT_OF_WHAT_SHOWS ? Aftercare::ShortClip : null,
            $clips !== [] && $coat === CoatType::Double ? Aftercare::ClippedDoubleCoat : null,
            self::shavedWhereItIsLicked($clips) ? Aftercare::Licking : null,
            $clips !== [] && $coat === CoatType::Wire ? Aftercare::SofterWire : null,
        ];
    }

    /**
     * @param array<string, float> $clips length left in mm, by section id
     *
     * @return float part of the coat that shows that was cut short, 0–1
     */
    private static function shownCutShort(array $clips): float
    {
        $shows = fn(Section $section): float => $section->share() * $section->facts()->seen;
        $short = array_filter(
            Section::cases(),
            fn(Section $section): bool => isset($clips[$section->value]) && $clips[$section->value] <= self::SHORT_CLIP_MM,
        );

        return array_sum(array_map($shows, $short)) / array_sum(array_map($shows, Section::cases()));
    }

    /** @param array<string, float> $clips length left in mm, by section id */
    private static function shavedWhereItIsLicked(array $clips): bool
    {
        $licked = fn(float $mm, string $id): bool => $mm <= self::SHAVED_MM
            && in_array(Section::from($id)->part(), [BodyPart::Armpit, BodyPart::Groin], true);

        return array_filter($clips, $licked, ARRAY_FILTER_USE_BOTH) !== [];
    }

    /** Blood comes back to the edge of an ear when tight mats are taken off it, wherever in the visit they were found. */
    private static function hadTightEars(TableRun $run): bool
    {
        foreach ($run->ledgers as $section => $ledger) {
            $isOff = $ledger->isDone() || $ledger->cuts !== [];
            if ($isOff && $section->part() === BodyPart::Ear && $ledger->treatedGrade?->atLeast(Grade::TightMat) === true) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;

/** What a client is told to watch for, by what was really done. */
final readonly class AftercareAdvice
{
    /** Up to this length a clip leaves the skin bare to sun and cold, in mm. */
    public const SHORT_CLIP_MM = 6.3;

    /** From this on the skin is tender in the evening, in tension minutes. */
    public const TENDER_AFTER_MINUTES = 10.0;

    /**
     * @param list<FindingKind> $findings open on the dog
     *
     * @return list<Aftercare>
     */
    public static function of(TableRun $run, CoatType $coat, array $findings): array
    {
        $clips = array_filter(
            $run->ledgers->map(fn(SectionLedger $ledger): ?float => $ledger->cutMm())->byId(),
            fn(?float $mm): bool => $mm !== null,
        );

        return array_values(array_filter([
            self::hadTightEars($run) ? Aftercare::EarsAfterTightMats : null,
            $clips !== [] && min($clips) <= self::SHORT_CLIP_MM ? Aftercare::ShortClip : null,
            $clips !== [] && $coat === CoatType::Double ? Aftercare::ClippedDoubleCoat : null,
            in_array(FindingKind::Redness, $findings, true) ? Aftercare::Redness : null,
            in_array(FindingKind::MitesOrLice, $findings, true) ? Aftercare::Parasites : null,
            $run->borneMinutes() > self::TENDER_AFTER_MINUTES ? Aftercare::QuietEvening : null,
        ]));
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

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Memory\VisitTells;

/** What a visit leaves for the dog's memory. */
final readonly class WhatItTells
{
    public static function of(VisitReport $report): VisitTells
    {
        $state = $report->state;
        $dog = $state->dog();
        $found = $cameIn = $left = $combedOut = [];
        $minutes = 0.0;
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $ledger = $state->run->at($section);
            $grade = $report->atInspection->grade($section);
            if ($grade instanceof Grade) {
                $found[$id] = $grade;
            }
            $cameIn[$id] = $dog->lengthMm($section);
            $left[$id] = min($cameIn[$id], $ledger->cutMm() ?? self::finishedMm($report, $section));
            if ($ledger->isDone() || $state->bath->passedSecond($section)) {
                $combedOut[] = $section;
            }
            $minutes += $ledger->work()->minutes;
        }

        return new VisitTells(
            $state->arrival->cameIn()->at,
            $state->arrival->answers->lifeAtHome($dog),
            $state->arrival->answers->washedOverKnots === true,
            $state->arrival->answers->daysSinceCombOut,
            $found,
            $cameIn,
            $left,
            $combedOut,
            $minutes,
            $report->borne->byWork(),
        );
    }

    /** A groom that was signed off is scissored to the wish; a guess that the next arrival sets right. */
    private static function finishedMm(VisitReport $report, Section $section): float
    {
        $isGroomed = $report->state->bath->signedOff !== null && $report->state->arrival->service() === Service::FullGroom;

        return $isGroomed
            ? $report->atInspection->case->wantedLengthMm($section, $report->rules->plan)
            : $report->state->dog()->lengthMm($section);
    }
}

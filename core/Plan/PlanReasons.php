<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;

/** Why each section is treated as it is in a plan: the rule that left no other way, or what was weighed. */
final readonly class PlanReasons
{
    /** @return array<string, SectionReason> by section id, for the sections that the choices decide */
    public static function of(CoatReport $report, Choices $choices): array
    {
        $reasons = [];
        foreach ($report->options as $section => $options) {
            $option = ($choice = $choices->for($section)) === null ? null : $options->find($choice);
            if ($option !== null) {
                $reasons[$section->value] = self::reason($report, $section, $options, $option);
            }
        }

        return $reasons;
    }

    private static function reason(CoatReport $report, Section $section, SectionOptions $options, Option $option): SectionReason
    {
        $demat = $options->find(Treatment::demat());

        return match ($option->treatment->kind) {
            TreatmentKind::Brush => new SectionReason(WhyTreated::CombsOut),
            TreatmentKind::Leave => self::ruledOut(WhyTreated::LeftAlone, $options->notOffered[0] ?? null, null, [WhatWouldChange::Vet]),
            TreatmentKind::Demat => new SectionReason(WhyTreated::OpenedByHand, openingTension: $option->tensionMinutes),
            TreatmentKind::Thin => new SectionReason(
                WhyTreated::ThinnedToSpare,
                openingTension: $option->tensionMinutes,
                sparedTension: $demat === null ? null : $demat->tensionMinutes - $option->tensionMinutes,
                changes: $demat === null ? [] : [WhatWouldChange::MorePullingToBear],
            ),
            TreatmentKind::Clip => self::clipped($report, $section, $options, $option),
        };
    }

    private static function clipped(CoatReport $report, Section $section, SectionOptions $options, Option $option): SectionReason
    {
        $length = $report->grade($section)?->isMatted() === true ? self::barOfLonger($options, $option) : null;
        $group = $section->facts()->evenWith;
        $opening = $options->find(Treatment::thin()) ?? $options->find(Treatment::demat());
        $longer = array_filter(
            $options->offered,
            fn(Option $one): bool => $one->keepShare > $option->keepShare && $one->tensionMinutes <= $option->tensionMinutes,
        );
        $matches = $group !== null && $longer !== [] ? $group : null;

        return match (true) {
            $matches !== null => new SectionReason(WhyTreated::ClippedToMatch, length: $length, matches: $matches),
            $opening !== null => new SectionReason(
                WhyTreated::ClippedToSpare,
                null,
                $length,
                $opening->tensionMinutes,
                $opening->tensionMinutes - $option->tensionMinutes,
                null,
                self::changes($options, WhatWouldChange::MorePullingToBear),
            ),
            default => self::ruledOut(WhyTreated::OpeningRuledOut, self::barOfOpening($options), $length, self::changes($options)),
        };
    }

    /** @param list<WhatWouldChange> $changes */
    private static function ruledOut(WhyTreated $why, ?NotOffered $bar, ?NotOffered $length, array $changes): SectionReason
    {
        return new SectionReason($why, $bar?->reason, $length, changes: $changes, barFound: $bar?->found, barLimit: $bar?->limit, barAssumed: $bar?->isAssumed === true);
    }

    /** What keeps the next longer cutter away, by its own rule. */
    private static function barOfLonger(SectionOptions $options, Option $option): ?NotOffered
    {
        $mm = (float) $option->treatment->clipMm;
        $offered = array_filter($options->offered, fn(Option $one): bool => ($one->treatment->clipMm ?? 0.0) > $mm);
        $barred = array_filter($options->notOffered, fn(NotOffered $bar): bool => ($bar->treatment->clipMm ?? 0.0) > $mm);
        usort($barred, fn(NotOffered $one, NotOffered $other): int => $one->treatment->clipMm <=> $other->treatment->clipMm);
        $nextOffered = min([INF, ...array_map(fn(Option $one): float => (float) $one->treatment->clipMm, $offered)]);

        return isset($barred[0]) && $barred[0]->treatment->clipMm < $nextOffered ? $barred[0] : null;
    }

    private static function barOfOpening(SectionOptions $options): ?NotOffered
    {
        foreach ($options->notOffered as $bar) {
            if ($bar->treatment->kind === TreatmentKind::Demat) {
                return $bar;
            }
        }

        return null;
    }

    /** @return list<WhatWouldChange> */
    private static function changes(SectionOptions $options, WhatWouldChange ...$first): array
    {
        $changes = $first;
        foreach ($options->notOffered as $bar) {
            $changes[] = match ($bar->reason) {
                BarReason::BladeOverLift => WhatWouldChange::LongerBladePasses,
                BarReason::TenderPlaceClipOnly, BarReason::ThinningOffInHouse => WhatWouldChange::HouseRule,
                BarReason::SectionCapExceeded => null,
                BarReason::ClientSaidNever => WhatWouldChange::ClientAllowsClipping,
                BarReason::HotSpotClipOnly, BarReason::ParasitesClipOnly, BarReason::BladeStops => WhatWouldChange::Vet,
                default => null,
            };
        }

        return array_values(array_unique(array_filter($changes), SORT_REGULAR));
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grading;
use HoundCheck\Core\CombCheck\Verdict;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\NotOffered;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\SectionOptions;

/** A coat report as `coat:plan` prints it. */
final class CoatReportJson
{
    /** @return array<string, mixed> */
    public static function of(CoatReport $report): array
    {
        $ids = fn(array $sections): array => array_map(fn(Section $section): string => $section->value, $sections);

        $byRule = fn(Section $section): ?int => $report->gradings->at($section)?->grade?->value;
        $ownGrades = array_filter(
            $report->grades->map(fn(Grade $grade): int => $grade->value)->byId(),
            fn(int $grade, string $id): bool => $grade !== $byRule(Section::from($id)),
            ARRAY_FILTER_USE_BOTH,
        );

        return [
            'grades' => $report->gradings->map(
                fn(Grading $grading): int|string|null => $grading->verdict === Verdict::CombAgain ? 'again' : $grading->grade?->value,
            )->byId(),
            // What the plan is made from, where the groomer graded otherwise.
            ...$ownGrades === [] ? [] : ['gradesInForce' => $ownGrades],
            'matLoad' => $report->matLoad->index,
            'tolerance' => $report->tolerance->minutes,
            'standsMinutes' => $report->standing()->minutes,
            'workingMinutes' => $report->workingMinutes(),
            'options' => (object) $report->options->map(
                fn(SectionOptions $options): array => array_map(self::option(...), $options->offered),
            )->byId(),
            'notOffered' => (object) $report->options
                ->keep(fn(SectionOptions $options): bool => $options->notOffered !== [])
                ->map(fn(SectionOptions $options): array => array_map(self::notOffered(...), $options->notOffered))
                ->byId(),
            'missing' => $ids($report->missing()),
            'stuck' => $ids($report->stuck()),
            ...self::frontier($report),
        ];
    }

    /** @return array<string, mixed> `frontier` and `plans`; null while no plan can be made */
    private static function frontier(CoatReport $report): array
    {
        if ($report->toCheck() !== [] || $report->stuck() !== []) {
            return ['frontier' => null, 'plans' => null];
        }
        $frontier = (new FrontierSolver($report))->feasible();
        $plan = fn(?FrontierPlan $plan): ?array => $plan === null
            ? null
            : [
                'choices' => $plan->choices->codes(),
                'keep' => $plan->keepShare,
                'tension' => $plan->tensionMinutes,
                'minutes' => $plan->minutes,
            ];

        return [
            'frontier' => array_map($plan, $frontier->plans),
            'plans' => [
                'keep_coat' => $plan($frontier->keepsMost()),
                'balanced' => $plan($frontier->balanced()),
                'easiest' => $plan($frontier->easiest()),
            ],
        ];
    }

    /** @return array{treatment: string, minutes: float, tension: float, keep: float, bladeTestFirst?: true} */
    public static function option(Option $option): array
    {
        return [
            'treatment' => $option->treatment->code(),
            'minutes' => $option->minutes,
            'tension' => $option->tensionMinutes,
            'keep' => $option->keepShare,
            ...$option->bladeTestFirst ? ['bladeTestFirst' => true] : [],
        ];
    }

    /** @return array{treatment: string, reason: string, found: float|null, limit: float|null, assumed?: true} */
    public static function notOffered(NotOffered $bar): array
    {
        return ['treatment' => $bar->treatment->code(), 'reason' => $bar->reason->value, 'found' => $bar->found, 'limit' => $bar->limit, ...$bar->isAssumed ? ['assumed' => true] : []];
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;

/**
 * The most coat-keeping plan over the fewest visits, two or three, each within what a visit holds and what the dog bears.
 *
 * A section begun is finished that day. What cannot wait is done first: clipping, pelts, pain, moist skin. Then the places
 * that pull come in one order, the tightest and tenderest first, and the visits are cut from that list; brushing, which
 * pulls at nothing, fills the rest, as late as it fits: a coat is combed again at each visit. Of the ways to cut the list
 * into the fewest visits the one with the most even pulling is taken. All ways are looked at, nothing is sampled.
 */
final readonly class SeveralVisits
{
    private const MOST = 3;

    /** Figures are told apart from here. */
    private const NOTHING_MINUTES = 1e-6;

    /**
     * @param FrontierPlan $plan what is done in the end
     * @param list<VisitOfSeveral> $visits in order, two or three
     */
    private function __construct(public FrontierPlan $plan, public array $visits) {}

    /**
     * @param list<FrontierPlan> $plans whatever they pull and take, the most coat kept last
     * @param float $today tension minutes that the dog may still be asked today
     * @param float $workToday minutes of work that today holds
     * @param float $tensionMinutes that it may be asked in a visit of its own
     * @param float $workMinutes that such a visit holds
     *
     * @return self|null null: not even three visits are enough
     */
    public static function of(
        CoatReport $report,
        array $plans,
        float $today,
        float $workToday,
        float $tensionMinutes,
        float $workMinutes,
    ): ?self {
        foreach (array_reverse($plans) as $plan) {
            for ($count = 2; $count <= self::MOST; $count++) {
                $tension = [$today, ...array_fill(0, $count - 1, $tensionMinutes)];
                $work = [$workToday, ...array_fill(0, $count - 1, $workMinutes)];
                $visits = self::divided($report, $plan, $tension, $work);
                if ($visits !== null) {
                    return new self($plan, $visits);
                }
            }
        }

        return null;
    }

    /**
     * @param list<float> $tension that each visit may ask
     * @param list<float> $work minutes that each visit holds
     *
     * @return list<VisitOfSeveral>|null
     */
    private static function divided(CoatReport $report, FrontierPlan $plan, array $tension, array $work): ?array
    {
        [$first, $pulled, $rest] = self::sorted($report, $plan);
        $ways = [];
        foreach (self::cuts(count($pulled), count($work)) as $cuts) {
            $visits = self::cutAt($first, $pulled, $cuts);
            $pulls = array_map(self::tensionOf(...), $visits);
            $tooMuch = fn(float $pull, int $visit): bool => $pull > $tension[$visit] + self::NOTHING_MINUTES;
            if (array_filter($pulls, $tooMuch, ARRAY_FILTER_USE_BOTH) === []) {
                $ways[] = [max([0.0, ...$pulls]) - min([INF, ...$pulls]), $visits];
            }
        }
        // Of ways that are as even, the one that does more of what is tight first comes first: cuts are tried from the latest.
        usort($ways, fn(array $one, array $other): int => abs($one[0] - $other[0]) <= self::NOTHING_MINUTES ? 0 : $one[0] <=> $other[0]);
        foreach ($ways as [, $visits]) {
            $filled = self::filled($visits, $rest, $work);
            if ($filled !== null && array_filter($filled, fn(array $visit): bool => $visit === []) === []) {
                return array_map(self::visit(...), $filled);
            }
        }

        return null;
    }

    /**
     * What cannot wait, what pulls in its order, and what pulls at nothing.
     *
     * @return array{array<string, Option>, array<string, Option>, array<string, Option>} by section id
     */
    private static function sorted(CoatReport $report, FrontierPlan $plan): array
    {
        $first = $pulled = $rest = [];
        foreach ($report->options as $section => $options) {
            $treatment = $plan->choices->for($section);
            $option = $treatment === null ? null : $options->find($treatment);
            if ($option === null || $treatment?->kind === TreatmentKind::Leave) {
                continue;
            }
            $reading = $report->case->reading($section);
            $cannotWait = ($treatment->clipMm !== null && $report->grade($section)?->isMatted() === true)
                || $report->grade($section) === Grade::Pelted
                || $reading->has(FindingKind::Pain)
                || $reading->has(FindingKind::Moist);
            match (true) {
                $cannotWait => $first[$section->value] = $option,
                $option->tensionMinutes > 0.0 => $pulled[$section->value] = $option,
                default => $rest[$section->value] = $option,
            };
        }
        $tight = fn(string $id): array => [-($report->grade(Section::from($id))->value ?? 0), -Section::from($id)->facts()->tender];
        uksort($pulled, fn(string $one, string $other): int => $tight($one) <=> $tight($other));
        uasort($rest, fn(Option $one, Option $other): int => $other->minutes <=> $one->minutes);

        return [$first, $pulled, $rest];
    }

    /** @return iterable<list<int>> every way to cut a list of so many into so many visits: where each but the last ends */
    private static function cuts(int $length, int $visits): iterable
    {
        for ($one = $length; $one >= 0; $one--) {
            if ($visits === 2) {
                yield [$one];

                continue;
            }
            for ($two = $length; $two >= $one; $two--) {
                yield [$one, $two];
            }
        }
    }

    /**
     * @param array<string, Option> $first
     * @param array<string, Option> $pulled
     * @param list<int> $cuts
     *
     * @return list<array<string, Option>>
     */
    private static function cutAt(array $first, array $pulled, array $cuts): array
    {
        $visits = [];
        $from = 0;
        foreach ([...$cuts, count($pulled)] as $to) {
            $visits[] = array_slice($pulled, $from, $to - $from);
            $from = $to;
        }
        $visits[0] = [...$first, ...$visits[0]];

        return $visits;
    }

    /**
     * The rest goes where it fits, as late as it can; the longest first. Room is told apart in tenths of a minute.
     *
     * @param list<array<string, Option>> $visits
     * @param array<string, Option> $rest by falling minutes
     * @param list<float> $work
     * @param array<string, true> $failed what was left and the room for it, where it did not fit
     *
     * @return list<array<string, Option>>|null
     */
    private static function filled(array $visits, array $rest, array $work, array &$failed = []): ?array
    {
        $room = array_map(fn(array $visit, float $holds): float => $holds - self::minutesOf($visit), $visits, $work);
        if (min([INF, ...$room]) < -self::NOTHING_MINUTES || self::minutesOf($rest) > array_sum($room) + self::NOTHING_MINUTES) {
            return null;
        }
        $id = array_key_first($rest);
        if ($id === null) {
            return $visits;
        }
        $state = count($rest).'|'.implode('|', array_map(fn(float $minutes): int => (int) floor($minutes * 10), $room));
        if (isset($failed[$state])) {
            return null;
        }
        for ($visit = count($visits) - 1; $visit >= 0; $visit--) {
            if ($rest[$id]->minutes <= $room[$visit] + self::NOTHING_MINUTES) {
                $with = $visits;
                $with[$visit][$id] = $rest[$id];
                $filled = self::filled($with, array_slice($rest, 1), $work, $failed);
                if ($filled !== null) {
                    return $filled;
                }
            }
        }

        $failed[$state] = true;

        return null;
    }

    /** @param array<string, Option> $options */
    private static function visit(array $options): VisitOfSeveral
    {
        $sections = array_values(array_filter(Section::cases(), fn(Section $section): bool => isset($options[$section->value])));

        return new VisitOfSeveral($sections, self::minutesOf($options), self::tensionOf($options));
    }

    /** @param array<string, Option> $options */
    private static function minutesOf(array $options): float
    {
        return (float) array_sum(array_map(fn(Option $option): float => $option->minutes, $options));
    }

    /** @param array<string, Option> $options */
    private static function tensionOf(array $options): float
    {
        return (float) array_sum(array_map(fn(Option $option): float => $option->tensionMinutes, $options));
    }
}

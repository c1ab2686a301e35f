<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\SectionOptions;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Tolerance\Tolerance;

/**
 * The frontier of a dog's coat plans, exact.
 *
 * Sections are decided one after the other. A part plan is dropped only when another part plan of the same sections
 * keeps at least as much, pulls no more and takes no longer: whatever completes the one completes the other, so no plan
 * of the frontier is lost. Places that must match are decided group by group, once for each pair of a shortest and a
 * longest length. Nothing is sampled, rounded away or chosen greedily.
 */
final readonly class FrontierSolver
{
    /** Coat kept and tension minutes that differ by less are the same. */
    private const TOLD_APART = 1e-6;

    /** @var list<Column> */
    private array $columns;

    /** @param CoatReport $report every section graded or left alone, none stuck */
    public function __construct(private CoatReport $report, private Wishes $wishes = new Wishes)
    {
        $columns = [];
        foreach ($report->options as $section => $options) {
            $columns[] = Column::of($section, $this->choices($section, $options), $report);
        }
        $this->columns = $columns;
    }

    /** Within the table slot and the dog's tolerance. */
    public function feasible(): Frontier
    {
        return $this->within($this->report->tolerance->minutes, $this->report->workingMinutes());
    }

    /**
     * @param float|null $tensionMinutes limit; null: none
     * @param float|null $tableMinutes limit; null: none
     */
    public function within(?float $tensionMinutes, ?float $tableMinutes): Frontier
    {
        $tension = $tensionMinutes === null ? null : Scale::minutes($tensionMinutes);
        $minutes = $tableMinutes === null ? null : Scale::minutes($tableMinutes);
        // Time first left out: where no plan of that frontier runs out of it, it is the frontier.
        $free = $this->solve(new Budget($this->columns, $tension, null));
        foreach ($minutes === null ? [] : $free->plans as $plan) {
            if (Scale::minutes($plan->minutes) > $minutes) {
                return $this->solve(new Budget($this->columns, $tension, $minutes));
            }
        }

        return $free;
    }

    /** @return float part of the coat, 0–1, that no plan keeps more of, whatever it pulls and takes; even lengths not looked at */
    public function mostKept(): float
    {
        return Scale::part(
            array_sum(array_map(fn(Column $column): int => max([0, ...$column->keep]), $this->columns)),
            array_sum(array_column($this->columns, 'weight')),
        );
    }

    /** What is missing when nothing is feasible; null when something is. */
    public function shortfall(): ?Shortfall
    {
        if (! $this->feasible()->isEmpty()) {
            return null;
        }
        $tolerance = $this->report->tolerance->minutes;
        $slot = $this->report->workingMinutes();
        $easiest = $this->within(null, null)->easiest() ?? throw new \LogicException('Every section has a choice, so some plan exists.');
        $bearable = $this->quickest($tolerance);

        return new Shortfall(
            max(0.0, $easiest->tensionMinutes - $tolerance),
            max(0.0, ($bearable ?? $this->quickest(null) ?? 0.0) - $slot),
            $bearable,
            $easiest,
            self::visits(
                $easiest->tensionMinutes,
                $tolerance > 0 ? $tolerance : Tolerance::of($this->report->case->dog, $this->report->rules->tolerance)->minutes,
            ),
        );
    }

    /** Visits among which so much pulling is divided; a dog that has borne all of today's begins anew. */
    private static function visits(float $tensionMinutes, float $toleranceMinutes): int
    {
        return $toleranceMinutes > 0 ? max(1, (int) ceil($tensionMinutes / $toleranceMinutes)) : 1;
    }

    /** The fewest minutes of any plan that pulls no more than the limit, whatever it keeps; null when there is none. */
    private function quickest(?float $tensionMinutes): ?float
    {
        $budget = new Budget($this->columns, $tensionMinutes === null ? null : Scale::minutes($tensionMinutes), null);
        $labels = Labels::nothingYet();
        foreach ($this->columns as $index => $column) {
            $room = $budget->roomAfter(array_slice($this->columns, 0, $index + 1));
            $labels = Merge::of($labels, $column->whateverItKeeps(), new RoomForWork($room->mostTension, PHP_INT_MAX, 0));
        }

        return $labels->minutes === [] ? null : Scale::fromMinutes(min($labels->minutes));
    }

    private function solve(Budget $budget): Frontier
    {
        $labels = Labels::nothingYet();
        $steps = $decided = [];
        foreach ($this->parts($budget) as [$columns, $add, $choicesOf]) {
            $decided = [...$decided, ...$columns];
            $labels = Merge::of($labels, $add, $budget->roomAfter($decided));
            $steps[] = [$labels->parents, $labels->picks, $choicesOf];
        }

        return new Frontier($this->plansOf($labels, $steps), $this->report->keepPerTensionMinute());
    }

    /**
     * Groups that must match, and single sections, each with its part plans.
     *
     * @return iterable<array{list<Column>, Labels, \Closure(int): array<string, int>}>
     */
    private function parts(Budget $budget): iterable
    {
        foreach (EvenGroup::cases() as $group) {
            $columns = array_values(array_filter(
                $this->columns,
                fn(Column $column): bool => $column->section->facts()->evenWith === $group,
            ));
            if ($columns === []) {
                continue;
            }
            $rooms = array_map(
                fn(int $index): RoomForWork => $budget->roomAfter(array_slice($columns, 0, $index + 1)),
                array_keys($columns),
            );
            $places = new EvenPlaces(
                $columns,
                $this->report->rules->plan->unevenPenalty,
                $this->report->rules->plan->evenFrom,
                $this->wishes->wantsEven($group),
                $rooms,
                $budget->limitsMinutes(),
            );
            yield [$columns, $places->labels, $places->choicesOf(...)];
        }
        foreach ($this->columns as $column) {
            if ($column->section->facts()->evenWith === null) {
                $labels = $column->between(0.0, INF, $budget->limitsMinutes());
                $picks = $labels->picks;
                yield [[$column], $labels, fn(int $label): array => [$column->section->value => $picks[$label]]];
            }
        }
    }

    /**
     * @param list<array{list<int>, list<int>, \Closure(int): array<string, int>}> $steps parents, picks, and what a pick chooses
     *
     * @return list<FrontierPlan>
     */
    private function plansOf(Labels $labels, array $steps): array
    {
        $columns = [];
        foreach ($this->columns as $column) {
            $columns[$column->section->value] = $column;
        }
        $whole = array_sum(array_map(fn(Column $column): int => $column->weight, $this->columns));
        $plans = [];
        foreach (self::toldApart($labels, $whole) as $label) {
            $choices = [];
            $at = $label;
            for ($step = count($steps) - 1; $step >= 0; $step--) {
                [$parents, $picks, $choicesOf] = $steps[$step];
                $choices += $choicesOf($picks[$at]);
                $at = $parents[$at];
            }
            $treatments = array_map(
                fn(Column $column): Treatment => $column->options[$choices[$column->section->value]]->treatment,
                $columns,
            );
            $plans[] = new FrontierPlan(
                Scale::part($labels->keep[$label], $whole),
                Scale::fromMinutes($labels->tension[$label]),
                Scale::fromMinutes($labels->minutes[$label]),
                Choices::of($treatments),
            );
        }

        return $plans;
    }

    /**
     * Of plans that pull equally, as far as minutes can be told apart, only the one that keeps most: sums of 30 rounded
     * figures would otherwise leave beaten plans standing.
     *
     * @param Labels $labels by rising tension
     *
     * @return list<int> labels, keep and tension both rising by more than a millionth
     */
    private static function toldApart(Labels $labels, int $whole): array
    {
        $kept = [];
        $last = null;
        foreach ($labels->keep as $label => $keep) {
            if ($last !== null && Scale::part($keep - $labels->keep[$last], $whole) <= self::TOLD_APART) {
                continue;
            }
            if ($last !== null && Scale::fromMinutes($labels->tension[$label] - $labels->tension[$last]) <= self::TOLD_APART) {
                array_pop($kept);
            }
            $kept[] = $last = $label;
        }

        return $kept;
    }

    /** @return list<Option> */
    private function choices(Section $section, SectionOptions $options): array
    {
        $fixed = $this->wishes->fixedAt($section);
        $option = $fixed === null ? null : $options->find($fixed);

        return match (true) {
            $fixed === null => $options->offered,
            $option === null => throw FixedNotOffered::at($section, $fixed),
            default => [$option],
        };
    }
}

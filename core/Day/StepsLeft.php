<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\DayRules;
use HoundCheck\Core\House\EffortRates;

/** What is still to do on a dog that is here: the steps that its day is run with. */
final readonly class StepsLeft
{
    /** A step that is nearly over still holds its place for so many minutes: nobody knows when it ends before it has. */
    private const LEAST_IN_HAND = 1.0;

    /**
     * @param list<PlannedStep> $steps empty: it is ready
     * @param bool $inHand somebody is at the first of them
     */
    private function __construct(public array $steps, public bool $inHand) {}

    /**
     * @param DayFacts $facts as of the day: `on($today)`
     * @param int $now unix seconds
     * @param float|null $tableGuess uncorrected table minutes of a dog that has no plan yet; null: as its slot says
     */
    public static function of(
        DayFacts $facts,
        int $now,
        EffortRates $rates,
        DayRules $rules,
        GroomerClocks $clocks,
        ?float $tableGuess = null,
    ): self {
        if ($facts->closed || $facts->signedOff) {
            return new self([], false);
        }
        $clock = new DayClock($facts, $now, $rates, $clocks);
        $inHand = $facts->inHand($clock);
        $spreads = new Spreads($rules, $clocks, $facts->isGuess() && ! $facts->begun);
        $steps = [];
        $guess = $tableGuess === null ? null : $tableGuess * $clocks->table->factor();
        foreach (self::minutes($facts, $clock, $rules, $guess) as $step => $minutes) {
            $step = Step::from($step);
            $left = $step === $inHand ? max(self::LEAST_IN_HAND, $minutes) : $minutes;
            if ($left > 0) {
                $steps[] = new PlannedStep($step, $left, $spreads->of($step));
            }
        }

        return new self($steps, $steps !== [] && $steps[0]->step === $inHand);
    }

    /** @return array<string, float> the middle of what is left of each step, by step in the order of the work */
    private static function minutes(DayFacts $facts, DayClock $clock, DayRules $rules, ?float $guess): array
    {
        $goesOn = fn(Minutes $wet): float => $facts->goesOn ? 0.0 : $wet->likely;
        $answered = $facts->agreed || $facts->begun || $facts->cleared || $facts->bathed;
        $table = (1 + $rules->betweenPart) * ($guess !== null && $clock->table()->likely > 0 ? $guess : $clock->table()->likely);

        return [
            Step::Inspect->value => $clock->inspection()->likely,
            Step::Answer->value => $answered ? 0.0 : $rules->answerMinutes,
            // Rests are taken on the table, most of them during the brush-out; once that is over, with what follows.
            Step::Brush->value => $table > 0 ? $table + $clock->restsLeft()->likely : 0.0,
            Step::Bath->value => $goesOn($clock->bath()),
            Step::Dry->value => $goesOn($clock->drying()),
            Step::Check->value => $goesOn($clock->secondCheck()),
            Step::Finish->value => $clock->finish()->likely + $clock->cleanUp()->likely + ($table > 0 ? 0.0 : $clock->restsLeft()->likely),
        ];
    }
}

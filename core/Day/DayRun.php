<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/**
 * Runs a day by the salon's rule: whoever is free and on duty begins the step that is due.
 *
 * At one instant ends come first, then answers begin, then groomers in the day's order. A dog that is to be dried goes before
 * others, then the one with the least slack by the medians of what is not yet begun, then the day's order. Dogs, steps and
 * groomers are places in lists here, as a forecast runs a day hundreds of times.
 */
final class DayRun
{
    private const STATIONS = ['table' => 1, 'tub' => 2, 'dryer' => 3];

    /** @var list<list<int>> the station of each step, by dog; 0: none, a client's answer */
    private array $stations = [];

    /** @var list<list<float>> by when each step has to begin, by dog; slack is what is left until then */
    private array $latest = [];

    /** @var list<int> by dog; −1: nobody's */
    private array $ownGroomer = [];

    /** @var list<float> */
    private array $arrives = [];

    /** @var list<float> */
    private array $from = [];

    /** @var list<float> */
    private array $until = [];

    /** @var array<int, list<array{float, float}>> by groomer who has any */
    private array $breaks = [];

    /** @var list<int> places of dogs whose first step goes on when the day starts */
    private array $inHand = [];

    /** @var array<int, int> free places at the start, by station; the first is not used */
    private array $places;

    public function __construct(private readonly PlannedDay $day)
    {
        $this->places = [0, $day->tables, $day->tubs, $day->dryers];
        $groomers = [];
        foreach ($day->groomers as $place => $groomer) {
            $groomers[$groomer->id] = $place;
            $this->from[] = $groomer->from;
            $this->until[] = $groomer->until;
            if ($groomer->breaks !== []) {
                $this->breaks[$place] = $groomer->breaks;
            }
        }
        foreach ($day->dogs as $place => $dog) {
            $this->arrives[] = max($dog->arrives, $day->start);
            // Whose groomer is not there today waits for them: no place in the list is theirs.
            $this->ownGroomer[] = $dog->groomer === null ? -1 : $groomers[$dog->groomer] ?? count($groomers);
            $this->stations[] = array_map(self::station(...), $dog->steps);
            $this->latest[] = self::latest($dog);
            if ($dog->inHand) {
                $this->inHand[] = $place;
            }
        }
    }

    private static function station(PlannedStep $step): int
    {
        $station = $step->step->station();

        return $station === null ? 0 : self::STATIONS[$station->value];
    }

    /** @return list<float> by when each step has to begin for the promise to hold, at the medians */
    private static function latest(PlannedDog $dog): array
    {
        $latest = $dog->promised ?? INF;
        $fromHere = [];
        foreach (array_reverse($dog->steps) as $step) {
            $latest -= $step->minutes;
            $fromHere[] = $latest;
        }

        $fromHere = array_reverse($fromHere);
        if ($dog->isNext) {
            // Its turn is the first step that needs hands: an answer comes by itself.
            $stations = array_map(self::station(...), $dog->steps);
            $first = array_key_first(array_filter($stations));
            $fromHere[$first ?? 0] = -INF;
        }

        return array_values($fromHere);
    }

    /** With every step at its median. */
    public function atMedians(): DayOutcome
    {
        return $this->with(array_map(
            fn(PlannedDog $dog): array => array_map(fn(PlannedStep $step): float => $step->minutes, $dog->steps),
            $this->day->dogs,
        ));
    }

    /** @return list<StepStart> what groomers begin, in order */
    public function startsOf(DayOutcome $outcome): array
    {
        return array_map(
            fn(array $start): StepStart => new StepStart(
                $start[0],
                $this->day->groomers[$start[1]]->id,
                $this->day->dogs[$start[2]]->id,
                $this->day->dogs[$start[2]]->steps[$start[3]]->step,
            ),
            $outcome->starts,
        );
    }

    /** @param list<list<float>> $minutes of each step, by dog */
    public function with(array $minutes): DayOutcome
    {
        $run = new RunningDay(
            $this->stations,
            $this->latest,
            $this->ownGroomer,
            $this->arrives,
            $this->from,
            $this->until,
            $this->breaks,
            $this->places,
            $minutes,
        );

        return $run->from($this->day->start, $this->inHand);
    }
}

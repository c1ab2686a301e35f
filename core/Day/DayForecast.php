<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A day run many times with drawn minutes: when each dog is ready, whether its promise holds, what dogs wait for. */
final readonly class DayForecast
{
    /**
     * @param array<string, ReadyAt> $ready by dog id, in the day's order
     * @param array<string, float> $bottleneck chance 0–1 that dogs waited longest for it, by `Bottleneck` value
     * @param float $allHold chance 0–1 that every promise of the day holds
     */
    private function __construct(public array $ready, public array $bottleneck, public float $allHold) {}

    public static function of(PlannedDay $day, Draws $draws): self
    {
        $run = new DayRun($day);
        $drawn = new DrawnMinutes($day, $draws);
        $ready = array_fill(0, count($day->dogs), []);
        $waitedFor = array_fill_keys(array_column(Bottleneck::cases(), 'value'), 0);
        $held = 0;
        for ($number = 0; $number < $draws->runs; $number++) {
            $outcome = $run->with($drawn->of($number));
            $allHold = true;
            foreach ($outcome->ready as $dog => $at) {
                $ready[$dog][] = $at ?? INF;
                $allHold = $allHold && ReadyAt::holds($at, $day->dogs[$dog]->promised);
            }
            $held += $allHold ? 1 : 0;
            $bottleneck = $outcome->bottleneck();
            if ($bottleneck !== null) {
                $waitedFor[$bottleneck->value]++;
            }
        }

        $of = [];
        foreach ($day->dogs as $place => $dog) {
            $of[$dog->id] = ReadyAt::of($ready[$place], $dog->promised);
        }

        return new self($of, array_map(fn(int $runs): float => $runs / $draws->runs, $waitedFor), $held / $draws->runs);
    }

    /** @return string|null id of the dog whose promise is the least sure; null: nothing is promised */
    public function tightest(): ?string
    {
        $chances = array_filter(array_map(fn(ReadyAt $ready): ?float => $ready->chance, $this->ready), is_float(...));
        asort($chances);
        $first = array_key_first($chances);

        return $first === null ? null : (string) $first;
    }

    /** What dogs wait longest for on most days like this; null: they do not wait. */
    public function mostWaitedFor(): ?Bottleneck
    {
        $chances = $this->bottleneck;
        arsort($chances);
        $first = array_key_first($chances);

        return $first === null || $chances[$first] <= 0.0 ? null : Bottleneck::from($first);
    }

    /** The chance that the promise least sure to hold does; 1 where nothing is promised. */
    public function weakest(): float
    {
        $tightest = $this->tightest();

        return $tightest === null ? 1.0 : $this->ready[$tightest]->chance ?? 1.0;
    }
}

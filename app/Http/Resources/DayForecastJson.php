<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Advice;
use HoundCheck\Core\Day\Alternative;
use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\DayStanding;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\NextDog;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\ReadyAt;
use HoundCheck\Core\House\DayRules;

/** A day that was tried out, as the API tells it. Chances 0–1, times in UTC. */
final readonly class DayForecastJson
{
    /** What would help on a day of more dogs than this takes too long to try. */
    private const MOST_DOGS = 30;

    public function __construct(private CarbonImmutable $midnight) {}

    /** @return array<string, mixed> */
    public function of(PlannedDay $day, Draws $draws, DayRules $rules): array
    {
        $forecast = DayForecast::of($day, $draws);

        return [
            'runs' => $draws->runs,
            'ready' => $this->ready($forecast),
            'bottleneck' => $forecast->bottleneck,
            'allHold' => $forecast->allHold,
            'weakest' => $forecast->weakest(),
            'standing' => DayStanding::of($forecast, $rules)->value,
            'tightest' => $forecast->tightest(),
            'waitedFor' => $forecast->mostWaitedFor()?->value,
        ];
    }

    /** @return array<string, mixed> with what could be done, which takes longer to try */
    public function withAdvice(PlannedDay $day, Draws $rough, Draws $draws, DayRules $rules): array
    {
        $forecast = DayForecast::of($day, $draws);
        $advice = count($day->dogs) > self::MOST_DOGS ? null : Advice::of($day, $forecast, $rough, $draws, $rules);

        return [
            'next' => array_map(fn(NextDog $next): array => [
                'groomer' => $next->groomer,
                'dog' => $next->dog,
                'step' => $next->step->value,
                'reason' => $next->reason->value,
                'slack' => $next->slack,
            ], NextDog::of($day)),
            'advice' => $advice === null ? null : [
                'dog' => $advice->dog,
                'chance' => $advice->chance,
                'alternatives' => array_map(
                    fn(Alternative $one): array => $this->alternative($one, $forecast, $advice->dog),
                    $advice->alternatives,
                ),
            ],
        ];
    }

    /** @return list<array{at: string|null, chance: float}> the chance of each promise that could be given */
    public function curve(ReadyAt $ready, float $from, DayRules $rules): array
    {
        return array_map(fn(array $one): array => ['at' => $this->at($one[0]), 'chance' => $one[1]], $ready->promises($from, $rules));
    }

    /** @return array<string, mixed> times that could be promised for a dog of the day; none: it is ready, or not here */
    public function promises(PlannedDay $day, string $dog, Draws $draws, DayRules $rules): array
    {
        $ready = DayForecast::of($day, $draws)->ready[$dog] ?? null;
        $curve = $ready === null ? [] : $this->curve($ready, $day->start, $rules);
        $safe = array_values(array_filter($curve, fn(array $one): bool => $one['chance'] >= $rules->safeChance));

        return ['times' => $curve, 'proposed' => $safe[0]['at'] ?? null, 'safe' => $rules->safeChance];
    }

    public function at(?float $minute): ?string
    {
        return $minute === null ? null : Iso::of($this->midnight->addSeconds((int) round(60 * $minute)));
    }

    /** @return list<array<string, mixed>> a row for each dog, in the day's order */
    private function ready(DayForecast $forecast): array
    {
        return array_map(
            fn(string $dog, ReadyAt $ready): array => ['dog' => $dog, ...$this->readyAt($ready)],
            array_keys($forecast->ready),
            array_values($forecast->ready),
        );
    }

    /** @return array<string, mixed> */
    private function readyAt(ReadyAt $ready): array
    {
        return [
            'early' => $this->at($ready->early),
            'likely' => $this->at($ready->likely),
            'late' => $this->at($ready->late),
            'chance' => $ready->chance,
            'notToday' => $ready->notToday,
            'tenths' => array_map($this->at(...), $ready->tenths),
        ];
    }

    /** @return array<string, mixed> */
    private function alternative(Alternative $one, DayForecast $now, string $inDanger): array
    {
        $moves = $one->moves($now);

        return [
            'act' => $one->act->value,
            'dog' => $one->dog,
            'groomer' => $one->groomer,
            'promise' => $this->at($one->promise),
            'moves' => array_map(
                fn(string $dog, array $move): array => ['dog' => $dog, 'from' => $move[0], 'to' => $move[1]],
                array_keys($moves),
                array_values($moves),
            ),
            'ready' => $this->ready($one->then),
            'dear' => $one->costsMoreThanItMends($now, $inDanger),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Database\Salons;
use App\Models\HouseRulesVersion;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\PlannedDay;
use Illuminate\Support\Facades\Cache;

/** What a day comes to when it is tried out, worked out once for each state of the day. */
final class KeptForecasts
{
    public const RUNS = 500;

    /** A day of so many dogs is tried with all runs; one with more with fewer, so that it takes no longer. */
    private const DOGS_OF_A_DAY = 12;

    private const LEAST_RUNS = 50;

    private const SEED = 1;

    private const DAYS_KEPT = 15;

    /**
     * One answer is kept for each kind and day, of the state that was asked last: states come by the minute, and nobody asks
     * for an old one.
     *
     * @template T of array
     *
     * @param string $what is worked out of the day
     * @param string $date Y-m-d
     * @param \Closure(Draws): T $work
     *
     * @return T
     */
    public static function of(string $what, string $date, PlannedDay $day, \Closure $work): array
    {
        $runs = self::runsFor($day);
        $state = hash('xxh128', serialize([$day, $runs, HouseRulesVersion::current()->version, CoreVersion::CURRENT]));
        $key = app(Salons::class)->key("day:{$what}:{$date}");
        $kept = Cache::get($key);
        if (is_array($kept) && $kept['state'] === $state) {
            return $kept['answer'];
        }
        $answer = $work(new Draws($runs, self::SEED));
        // On a disk that takes no more it is worked out again the next time.
        rescue(fn(): bool => Cache::put($key, ['state' => $state, 'answer' => $answer], now()->addDays(self::DAYS_KEPT)));

        return $answer;
    }

    /** The work of a run grows with the square of the dogs. */
    private static function runsFor(PlannedDay $day): int
    {
        $part = (self::DOGS_OF_A_DAY / max(self::DOGS_OF_A_DAY, count($day->dogs))) ** 2;

        return max(self::LEAST_RUNS, (int) round(self::RUNS * $part));
    }
}

<?php

declare(strict_types=1);

namespace App\Days;

use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\PlannedDay;
use Illuminate\Support\Facades\Cache;

/** What a day comes to when it is tried out, worked out once per state of the day. */
final class KeptForecasts
{
    public const RUNS = 500;

    private const SEED = 1;

    private const MINUTES_KEPT = 60;

    /**
     * @template T of array
     *
     * @param string $what is worked out of the day
     * @param \Closure(Draws): T $work
     *
     * @return T
     */
    public static function of(string $what, PlannedDay $day, \Closure $work, int $runs = self::RUNS): array
    {
        $key = "day:{$what}:{$runs}:".CoreVersion::CURRENT.':'.hash('xxh128', serialize($day));

        return Cache::remember($key, 60 * self::MINUTES_KEPT, fn(): array => $work(new Draws($runs, self::SEED)));
    }
}

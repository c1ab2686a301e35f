<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\Step;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Days to run. */
final class Days
{
    private const MINUTES = ['inspect' => [6, 10], 'answer' => [5, 35], 'brush' => [10, 90], 'bath' => [8, 20], 'dry' => [10, 55], 'check' => [3, 6], 'finish' => [10, 45]];

    private const SPREADS = ['inspect' => 0.2, 'answer' => 0.8, 'brush' => 0.25, 'bath' => 0.15, 'dry' => 0.2, 'check' => 0.2, 'finish' => 0.25];

    /** A day as it comes: some dogs are further than others, some have a groomer. */
    public static function drawn(int $seed, int $dogs, int $groomers, int $dryers = 1): PlannedDay
    {
        $random = new Randomizer(new Mt19937($seed));
        $names = array_slice(['ada', 'bo', 'cem', 'dot'], 0, $groomers);
        $list = [];
        for ($number = 1; $number <= $dogs; $number++) {
            $arrives = (float) $random->getInt(520, 840);
            $steps = array_map(
                fn(Step $step): PlannedStep => new PlannedStep($step, (float) $random->getInt(...self::MINUTES[$step->value]), self::SPREADS[$step->value]),
                array_slice(Step::cases(), $random->getInt(0, 3)),
            );
            $list[] = new PlannedDog("dog{$number}", $arrives, $arrives + $random->getInt(120, 300), [null, ...$names][$random->getInt(0, $groomers)], $steps);
        }

        return new PlannedDay(540.0, 2, 1, $dryers, array_map(fn(string $name): OnDuty => new OnDuty($name, 540, 1080), $names), $list);
    }

    /** @param array<string, float|int> $minutes by step */
    public static function dog(string $id, array $minutes, float $arrives = 540, ?float $promised = null, ?string $groomer = null, float $spread = 0.2, bool $inHand = false): PlannedDog
    {
        $steps = [];
        foreach ($minutes as $step => $median) {
            $steps[] = new PlannedStep(Step::from($step), (float) $median, $spread);
        }

        return new PlannedDog($id, $arrives, $promised, $groomer, $steps, $inHand);
    }

    /** @param list<PlannedDog> $dogs */
    public static function day(array $dogs, int $groomers = 1, int $tables = 2, int $tubs = 1, int $dryers = 1, float $until = 1080): PlannedDay
    {
        $names = array_slice(['ada', 'bo', 'cem', 'dot'], 0, $groomers);

        return new PlannedDay(540.0, $tables, $tubs, $dryers, array_map(fn(string $name): OnDuty => new OnDuty($name, 540, $until), $names), $dogs);
    }
}

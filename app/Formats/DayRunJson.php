<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Day\DayRun;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\StepStart;

/** A day run at its medians, as `day:run` prints it. Minutes after midnight. */
final class DayRunJson
{
    /** @return array{ready: \ArrayObject<string, float|null>, starts: list<array{float, string, string, string}>} */
    public static function of(PlannedDay $day): array
    {
        $run = new DayRun($day);
        $outcome = $run->atMedians();
        $ready = [];
        foreach ($day->dogs as $place => $dog) {
            $ready[$dog->id] = $outcome->ready[$place];
        }

        return [
            // An object for a day without dogs, too.
            'ready' => new \ArrayObject($ready),
            'starts' => array_map(
                fn(StepStart $start): array => [$start->at, $start->groomer, $start->dog, $start->step->value],
                $run->startsOf($outcome),
            ),
        ];
    }
}

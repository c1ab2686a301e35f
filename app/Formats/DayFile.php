<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\Step;

/** Reads the open format of a day (`docs/formats/day.schema.json`). */
final class DayFile
{
    /** @throws UnreadableFile */
    public function read(string $json): PlannedDay
    {
        $day = (new Schema('day'))->read($json, fn(mixed $data): mixed => $data);
        self::askOnce($day);

        return new PlannedDay(
            (float) $day['start'],
            $day['tables'],
            $day['tubs'],
            $day['dryers'],
            array_values(array_map(
                fn(array $one): OnDuty => new OnDuty($one['id'], (float) $one['from'], (float) $one['until']),
                $day['groomers'],
            )),
            array_values(array_map(self::dog(...), $day['dogs'])),
        );
    }

    /** @param array<string, mixed> $dog valid by the schema */
    private static function dog(array $dog): PlannedDog
    {
        return new PlannedDog(
            $dog['id'],
            (float) $dog['arrives'],
            $dog['promised'] === null ? null : (float) $dog['promised'],
            $dog['groomer'],
            array_values(array_map(self::step(...), $dog['steps'])),
            $dog['in_hand'] ?? false,
        );
    }

    /** @param array{kind: string, minutes: int|float, spread: int|float} $step */
    private static function step(array $step): PlannedStep
    {
        return new PlannedStep(Step::from($step['kind']), (float) $step['minutes'], (float) $step['spread']);
    }

    /**
     * What a schema cannot say: names that are there once, and a groomer that is one of the day's.
     *
     * @param array<string, mixed> $day
     *
     * @throws UnreadableFile
     */
    private static function askOnce(array $day): void
    {
        $problems = [];
        foreach (['groomers', 'dogs'] as $list) {
            $ids = array_column($day[$list], 'id');
            foreach (array_keys(array_diff_key($ids, array_unique($ids))) as $place) {
                $problems[] = "{$list}.{$place}.id: is there twice";
            }
        }
        foreach ($day['dogs'] as $place => $dog) {
            $kinds = array_column($dog['steps'], 'kind');
            foreach (array_keys(array_diff_key($kinds, array_unique($kinds))) as $step) {
                $problems[] = "dogs.{$place}.steps.{$step}.kind: is there twice";
            }
            if ($dog['groomer'] !== null && ! in_array($dog['groomer'], array_column($day['groomers'], 'id'), true)) {
                $problems[] = "dogs.{$place}.groomer: is none of the day's groomers";
            }
            if (($dog['in_hand'] ?? false) && $dog['groomer'] === null) {
                $problems[] = "dogs.{$place}.in_hand: needs the groomer who has it in hand";
            }
        }
        if ($problems !== []) {
            throw UnreadableFile::fields($problems);
        }
    }
}

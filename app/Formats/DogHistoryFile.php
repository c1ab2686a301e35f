<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Memory\PastInterval;
use HoundCheck\Core\Owner\OwnersMinutes;

/** Reads the open dog history format (`docs/formats/dog-history.schema.json`). */
final class DogHistoryFile
{
    /** @throws UnreadableFile */
    public function read(string $json, HouseRules $house): DogHistory
    {
        $rules = $house->memory;
        $data = (new Schema('dog-history'))->read($json, $this->emptyListsAsObjects(...));
        $coat = CoatType::from($data['dog']['coat']);
        $past = array_map(fn(array $visit): PastInterval => self::interval($coat, $visit, $rules), $data['visits']);

        return new DogHistory(
            new NextVisit(
                self::dog($data['dog'], $data['now']),
                self::coat($coat, $data['now'], $rules, $data['dog']['natural_mm'] ?? null),
                self::life($data['now']),
                DogsClock::learned($coat, array_values($past), $rules),
                $house,
            ),
            new OwnersMinutes($data['owner_minutes'], $data['owner_sessions']),
        );
    }

    private function emptyListsAsObjects(mixed $data): mixed
    {
        $visits = is_object($data) && is_array($data->visits ?? null) ? $data->visits : [];
        foreach ([$data->dog ?? null, $data->now ?? null, ...$visits] as $holder) {
            Schema::emptyListAsObject($holder, 'section_mm');
            Schema::emptyListAsObject($holder, 'sections');
        }

        return $data;
    }

    /**
     * @param array<string, mixed> $dog valid by the schema, as everything below
     * @param array<string, mixed> $now goes before what the dog's own fields say
     */
    private static function dog(array $dog, array $now): Dog
    {
        return new Dog(
            (float) $dog['weight_kg'],
            CoatType::from($dog['coat']),
            $dog['primitive'] ?? false,
            (float) $now['coat_mm'],
            array_map(floatval(...), $now['section_mm'] ?? []),
            $now['age_months'],
            Temperament::from($dog['temperament']),
            array_values(array_map(HealthFact::from(...), $dog['health'] ?? [])),
            firstGroom: $dog['first_groom'] ?? false,
            wary: $dog['wary'] ?? false,
        );
    }

    /** @param array<string, mixed> $of */
    private static function coat(CoatType $coat, array $of, MemoryRules $rules, int|float|null $naturalMm = null): LeftCoat
    {
        return new LeftCoat(
            $coat,
            (float) $of['coat_mm'],
            array_map(floatval(...), $of['section_mm'] ?? []),
            $rules,
            $naturalMm === null ? null : (float) $naturalMm,
        );
    }

    /** @param array<string, mixed> $of */
    private static function life(array $of): LifeAtHome
    {
        return new LifeAtHome(
            HomeBrushing::from($of['home']),
            $of['home_shown'] ?? false,
            array_values(array_map(Gear::from(...), $of['gear'] ?? [])),
            $of['air_dries'] ?? false,
            array_values(array_map(Section::from(...), $of['chewed'] ?? [])),
            $of['age_months'],
        );
    }

    /** @param array<string, mixed> $visit */
    private static function interval(CoatType $coat, array $visit, MemoryRules $rules): PastInterval
    {
        return new PastInterval(
            self::life($visit),
            // Given as they were in the middle of the interval: nothing grows from there.
            self::coat($coat, $visit, $rules)->lengthsMm(0),
            array_map(fn(array $found): array => [(float) $found['days'], Grade::from($found['grade'])], $visit['sections']),
            $visit['washed_over_knots'] ?? false,
        );
    }
}

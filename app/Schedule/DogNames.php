<?php

declare(strict_types=1);

namespace App\Schedule;

use Illuminate\Support\Facades\DB;

/** What the dogs of a planned day are called. */
final class DogNames
{
    /**
     * @param list<string> $ids of visits and appointments
     *
     * @return array<string, string> by the same ids
     */
    public static function of(array $ids): array
    {
        $names = [];
        foreach (['visits', 'appointments'] as $table) {
            $names += DB::table($table)
                ->join('dogs', 'dogs.id', '=', "{$table}.dog_id")
                ->whereIn("{$table}.id", $ids)
                ->pluck('dogs.name', "{$table}.id")
                ->all();
        }

        return $names;
    }
}

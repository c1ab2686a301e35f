<?php

declare(strict_types=1);

namespace App\Database;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What answers are drawn from, each with a stamp that is another one once it has changed. */
enum Source: string
{
    /** Marks of a visit, by its id. */
    case Marks = 'marks';

    /** A dog by its id: its card, its client, and what the marks of its visits tell. */
    case Dog = 'dog';

    /** A groomer's clocks for a kind of coat, as `staff id|coat`. */
    case Clocks = 'clocks';

    /** What the people of the salon are called. */
    case Names = 'names';

    /** The day in the salon. */
    case Day = 'day';

    public function named(string $of = ''): string
    {
        return "{$this->value}:{$of}";
    }

    public function stamp(string $of): string
    {
        return match ($this) {
            self::Marks => self::rows(DB::table('visits')->where('id', $of)->get(['last_number', 'closed_at'])->all()),
            self::Dog => (string) DB::table('dogs')->where('id', $of)->value('version'),
            self::Clocks => self::clocks(...explode('|', $of, 2)),
            self::Names => self::rows(DB::table('staff')->orderBy('id')->get(['id', 'name'])->all()),
            self::Day => CarbonImmutable::now(config('salon.timezone'))->toDateString().config('salon.timezone'),
        };
    }

    private static function clocks(string $staffId, string $coat): string
    {
        return self::rows(DB::table('work_clocks')->where('staff_id', $staffId)->where('coat', $coat)->orderBy('work')->get()->all());
    }

    /** @param array<mixed> $rows */
    private static function rows(array $rows): string
    {
        return (string) json_encode($rows);
    }
}

<?php

declare(strict_types=1);

namespace App\Transfer;

use HoundCheck\Core\Coat\Section;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What a salon may take out as tables: each column with what it means and where it comes from, so that the data dictionary
 * and the rows cannot say different things.
 *
 * Times are UTC (ISO 8601), lengths mm, weights kg, amounts of time minutes. Ids join the tables.
 *
 * A column is what it means, and its value in a row.
 *
 * @phpstan-type Column array{string, \Closure(\stdClass): (string|int|float|null)}
 */
final class Tables
{
    /** Signs of `visits.grades` that are no grade. */
    private const NO_GRADE = ['-' => '', '~' => 'comb again', 'x' => 'left alone'];

    /** @return list<string> */
    public static function names(): array
    {
        return ['clients', 'dogs', 'visits', 'sections', 'times'];
    }

    /** @return array<string, Column> by name, in their order */
    public static function columns(string $table): array
    {
        return match ($table) {
            'clients' => [
                'client_id' => ['joins dogs', self::as('id')],
                'name' => ['as the salon calls them', self::as('name')],
                'phone' => ['as it was written down', self::as('phone')],
                'email' => ['as it was written down', self::as('email')],
                'language' => ['of messages to them; empty: the salon’s', self::as('language')],
                'photos_allowed' => ['yes, no; empty: nobody asked', self::yesNo('photos_allowed')],
                'since' => ['when they were entered', self::time('created_at')],
            ],
            'dogs' => [
                'dog_id' => ['joins visits', self::as('id')],
                'client_id' => ['joins clients', self::as('client_id')],
                'name' => ['as it is called', self::as('name')],
                'breed' => ['as it was written down', self::as('breed')],
                'sex' => ['female, male', self::as('sex')],
                'entire' => ['yes, no', self::yesNo('entire')],
                'born_on' => ['date', self::date('born_on')],
                'coat' => ['silky, curly, double, wire, smooth, mixed', self::as('coat')],
                'coat_mm' => ['length of most of the body, as last measured', self::number('coat_mm')],
                'weight_kg' => ['as last weighed', self::number('weight_kg')],
                'temperament' => ['code', self::as('temperament')],
                'health' => ['codes, with a blank between', self::codes('health')],
                'mind' => ['what to mind, in the salon’s words', self::as('mind')],
            ],
            'visits' => [
                'visit_id' => ['joins sections and times', self::as('id')],
                'dog_id' => ['joins dogs', self::as('dog_id')],
                'day' => ['date in the salon’s time zone', self::date('day')],
                'arrived_at' => ['time', self::time('arrived_at')],
                'promised_at' => ['time; empty: nothing was promised', self::time('promised_at')],
                'closed_at' => ['time; empty: it is here', self::time('closed_at')],
                'stage' => ['code: how far the visit came', self::as('stage')],
                'groomer' => ['whose hands were on the dog last', self::as('groomer')],
                'mat_load' => ['0 to 100: how matted the whole dog was found', self::number('mat_load')],
                'table_minutes' => ['forecast of the work at the table by the plan in force', self::number('table_minutes')],
                'tension_minutes' => ['pulling that the plan asks for', self::number('tension')],
                'tolerance_minutes' => ['pulling that the dog was reckoned to bear', self::number('tolerance')],
            ],
            'sections' => [
                'visit_id' => ['joins visits', self::as('id')],
                'section' => ['one of 30 places of the coat', self::as('section')],
                'grade' => [
                    'by the comb check: 0 clear, 1 drag, 2 tangle, 3 mat, 4 tight mat, 5 pelted; comb again; left alone; empty: not checked',
                    self::as('grade'),
                ],
            ],
            'times' => [
                'visit_id' => ['joins visits', self::as('visit_id')],
                'work' => ['table, drying, finish', self::as('work')],
                'section' => ['one of 30 places at the table; empty for the whole dog', self::atTheTable('section')],
                'treatment' => ['brush, demat, thin, leave, clip:MM; empty for the whole dog', self::atTheTable('treatment')],
                'groomer' => ['who did it', self::as('groomer')],
                'forecast_minutes' => ['before the groomer’s own clock', self::number('forecast_minutes')],
                'minutes' => ['as it took', self::number('minutes')],
                'finished_at' => ['time', self::time('finished_at')],
            ],
            default => throw new \InvalidArgumentException("There is no table {$table}."),
        };
    }

    /** @return iterable<list<string|int|float|null>> rows of a table, in the order of its columns; read a piece at a time */
    public static function rows(string $table): iterable
    {
        $values = array_column(self::columns($table), 1);
        foreach ($table === 'sections' ? self::sections() : self::query($table)->lazy() as $row) {
            yield array_map(fn(\Closure $value): string|int|float|null => $value($row), $values);
        }
    }

    private static function query(string $table): Builder
    {
        return match ($table) {
            'visits' => DB::table('visits')
                ->leftJoin('staff', 'staff.id', '=', 'visits.groomer_id')
                ->select(['visits.*', 'staff.name as groomer'])
                ->orderBy('visits.id'),
            'times' => DB::table('work_times')
                ->leftJoin('staff', 'staff.id', '=', 'work_times.staff_id')
                ->select(['work_times.*', 'staff.name as groomer'])
                ->orderBy('visit_id')->orderBy('finished_at')->orderBy('section'),
            default => DB::table($table)->orderBy('id'),
        };
    }

    /** @return iterable<\stdClass> a row for each section of each visit */
    private static function sections(): iterable
    {
        foreach (DB::table('visits')->orderBy('id')->select(['id', 'grades'])->lazy() as $visit) {
            foreach (Section::cases() as $place => $section) {
                $sign = $visit->grades[$place] ?? '-';
                yield (object) ['id' => $visit->id, 'section' => $section->value, 'grade' => self::NO_GRADE[$sign] ?? (int) $sign];
            }
        }
    }

    private static function as(string $column): \Closure
    {
        return fn(\stdClass $row): string|int|float|null => $row->{$column};
    }

    private static function number(string $column): \Closure
    {
        return fn(\stdClass $row): float => (float) $row->{$column};
    }

    private static function date(string $column): \Closure
    {
        return fn(\stdClass $row): string => substr((string) $row->{$column}, 0, 10);
    }

    private static function time(string $column): \Closure
    {
        return fn(\stdClass $row): string => $row->{$column} === null
            ? ''
            : (new \DateTimeImmutable($row->{$column}, new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s\Z');
    }

    private static function yesNo(string $column): \Closure
    {
        return fn(\stdClass $row): string => $row->{$column} === null ? '' : ((int) $row->{$column} === 1 ? 'yes' : 'no');
    }

    private static function codes(string $column): \Closure
    {
        return fn(\stdClass $row): string => implode(' ', (array) json_decode((string) $row->{$column}, true));
    }

    /** Work on the whole dog is kept under its own name in the place of a section. */
    private static function atTheTable(string $column): \Closure
    {
        return fn(\stdClass $row): string => $row->work === 'table' ? (string) $row->{$column} : '';
    }
}

<?php

declare(strict_types=1);

namespace App\Export;

use HoundCheck\Core\Coat\Section;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What a salon may take out as tables, each with its columns and what they mean: the data dictionary is written from here.
 *
 * Times are UTC (ISO 8601), lengths mm, weights kg, amounts of time minutes. Ids join the tables.
 */
final class Tables
{
    /** How a section was graded, one sign each in `visits.grades`. */
    private const GRADES = ['-' => '', '~' => 'comb again', 'x' => 'not graded'];

    /** @return array<string, array<string, string>> what each column means, by table and column */
    public static function columns(): array
    {
        return [
            'clients' => [
                'client_id' => 'joins dogs',
                'name' => 'as the salon calls them',
                'phone' => '',
                'email' => '',
                'language' => 'of messages to them; empty: the salon’s',
                'photos_allowed' => 'yes, no; empty: nobody asked',
                'since' => 'when they were entered, UTC',
            ],
            'dogs' => [
                'dog_id' => 'joins visits',
                'client_id' => 'joins clients',
                'name' => '',
                'breed' => '',
                'sex' => 'female, male',
                'entire' => 'yes, no',
                'born_on' => 'date',
                'coat' => 'silky, curly, double, wire, smooth, mixed',
                'coat_mm' => 'length of most of the body, mm',
                'weight_kg' => 'as last weighed',
                'temperament' => 'code',
                'health' => 'codes, with a blank between',
                'mind' => 'what to mind, in the salon’s words',
            ],
            'visits' => [
                'visit_id' => 'joins sections and times',
                'dog_id' => 'joins dogs',
                'day' => 'date in the salon’s time zone',
                'arrived_at' => 'UTC',
                'promised_at' => 'UTC; empty: nothing was promised',
                'closed_at' => 'UTC; empty: it is here',
                'stage' => 'code',
                'groomer' => 'whose hands were on the dog last',
                'mat_load' => '0 to 100, weighed by place and grade',
                'table_minutes' => 'forecast of the work at the table by the plan in force',
                'tension_minutes' => 'pulling that the plan asks for',
                'tolerance_minutes' => 'pulling that the dog was reckoned to bear',
            ],
            'sections' => [
                'visit_id' => 'joins visits',
                'section' => 'one of 30 places of the coat',
                'grade' => '0 clear to 5 felted, by the comb check; empty: not checked; or: comb again, not graded',
            ],
            'times' => [
                'visit_id' => 'joins visits',
                'section' => 'one of 30 places; empty for work on the whole dog',
                'work' => 'table, dry, finish',
                'treatment' => 'code; empty for work on the whole dog',
                'groomer' => 'who did it',
                'forecast_minutes' => 'before the groomer’s own clock',
                'minutes' => 'as it took',
                'finished_at' => 'UTC',
            ],
        ];
    }

    /** @return iterable<list<string|int|float|null>> rows of a table, in the order of its columns; read a piece at a time */
    public static function rows(string $table): iterable
    {
        return match ($table) {
            'clients' => self::each(DB::table('clients')->orderBy('id'), fn(\stdClass $row): array => [
                $row->id, $row->name, $row->phone, $row->email, $row->language, self::yesNo($row->photos_allowed), self::time($row->created_at),
            ]),
            'dogs' => self::each(DB::table('dogs')->orderBy('id'), fn(\stdClass $row): array => [
                $row->id, $row->client_id, $row->name, $row->breed, $row->sex, self::yesNo($row->entire), substr((string) $row->born_on, 0, 10), $row->coat,
                (float) $row->coat_mm, (float) $row->weight_kg, $row->temperament, implode(' ', (array) json_decode((string) $row->health, true)), $row->mind,
            ]),
            'visits' => self::each(
                DB::table('visits')->leftJoin('staff', 'staff.id', '=', 'visits.groomer_id')->orderBy('visits.id')->select(['visits.*', 'staff.name as groomer']),
                fn(\stdClass $row): array => [
                    $row->id, $row->dog_id, substr((string) $row->day, 0, 10), self::time($row->arrived_at), self::time($row->promised_at), self::time($row->closed_at),
                    $row->stage, $row->groomer, (float) $row->mat_load, (float) $row->table_minutes, (float) $row->tension, (float) $row->tolerance,
                ],
            ),
            'sections' => self::sections(),
            'times' => self::each(
                DB::table('work_times')->leftJoin('staff', 'staff.id', '=', 'work_times.staff_id')
                    ->orderBy('visit_id')->orderBy('finished_at')->orderBy('section')->select(['work_times.*', 'staff.name as groomer']),
                fn(\stdClass $row): array => [
                    $row->visit_id, $row->section, $row->work, $row->treatment, $row->groomer, (float) $row->forecast_minutes, (float) $row->minutes, self::time($row->finished_at),
                ],
            ),
            default => throw new \InvalidArgumentException("There is no table {$table}."),
        };
    }

    /** @return iterable<list<string|int|float|null>> */
    private static function sections(): iterable
    {
        foreach (DB::table('visits')->orderBy('id')->select(['id', 'grades'])->lazy() as $visit) {
            foreach (Section::cases() as $place => $section) {
                $sign = $visit->grades[$place] ?? '-';
                yield [$visit->id, $section->value, self::GRADES[$sign] ?? (int) $sign];
            }
        }
    }

    /**
     * @param \Closure(\stdClass): list<string|int|float|null> $row
     *
     * @return iterable<list<string|int|float|null>>
     */
    private static function each(Builder $rows, \Closure $row): iterable
    {
        foreach ($rows->lazy() as $one) {
            yield $row($one);
        }
    }

    private static function time(?string $at): string
    {
        return $at === null ? '' : (new \DateTimeImmutable($at, new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s\Z');
    }

    private static function yesNo(int|string|null $value): string
    {
        return $value === null ? '' : ((int) $value === 1 ? 'yes' : 'no');
    }
}

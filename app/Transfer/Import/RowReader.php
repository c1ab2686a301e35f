<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use App\Clients\OneAlphabet;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Dog\Temperament;

/** Rows of a table as cards: units, dates, coats and words put in the salon's own terms. */
final class RowReader
{
    /** A cell that says that there is nothing. */
    private const NOTHING = ['no', 'none', 'nein', 'keine', 'n', '0', '', 'false'];

    private readonly DateOrder $dates;

    /** Dates stood there that could be read in two ways. */
    public readonly bool $guessedDates;

    private readonly CarbonImmutable $today;

    /** @var list<array{field: Field, problem: string, given: string}> */
    private array $problems = [];

    /** @var list<array{field: Field, problem: string, given: string}> */
    private array $notes = [];

    /** @var list<Field> */
    private array $assumed = [];

    public function __construct(private readonly CsvTable $table, private readonly ImportWay $way)
    {
        $column = $way->column(Field::BornOn);
        [$order, $guessed] = DateOrder::of($column === null ? [] : array_column($table->rows, $column), $way->usualDates());
        $this->dates = $way->dates ?? $order;
        $this->guessedDates = $way->dates === null && $guessed;
        $this->today = CarbonImmutable::now($way->salon->timeZone)->startOfDay();
    }

    public function dates(): DateOrder
    {
        return $this->dates;
    }

    /** @param list<string> $cells */
    public function read(int $line, array $cells): ReadRow
    {
        $this->problems = $this->notes = $this->assumed = [];
        $cell = function (Field $field) use ($cells): string {
            $column = $this->way->column($field);

            return $column === null ? '' : $cells[$column];
        };
        $client = [
            'name' => $this->text(Field::Client, trim("{$cell(Field::FirstName)} {$cell(Field::Client)}"), 120, true),
            'phone' => $this->text(Field::Phone, $cell(Field::Phone), 40),
            'email' => $this->value(Field::Email, $cell(Field::Email), Values::email(...)),
            'language' => $this->value(Field::Language, $cell(Field::Language), Values::language(...)),
        ];
        $dog = $this->dog($cell, $this->words($cells));

        return new ReadRow($line, $client, $dog, $this->assumed, $this->problems, $this->notes);
    }

    /**
     * What stands in the columns of what to mind; of several each with its heading, where that says something.
     *
     * @param list<string> $cells
     */
    private function words(array $cells): string
    {
        $columns = $this->way->columns(Field::Mind);
        $said = [];
        foreach ($columns as $column) {
            $heading = $this->table->headings[$column];
            $isPlain = count($columns) === 1 || in_array(Values::plain($heading), Field::PLAIN_NOTES, true);
            if ($cells[$column] !== '' && ! in_array(Values::plain($cells[$column]), self::NOTHING, true)) {
                $said[] = $isPlain ? $cells[$column] : "{$heading}: {$cells[$column]}";
            }
        }

        return implode('. ', array_map(fn(string $one): string => rtrim($one, '.'), $said)).(count($said) > 1 ? '.' : '');
    }

    /**
     * @param \Closure(Field): string $cell
     * @param string $mind what others wrote about it
     *
     * @return array<string, mixed>
     */
    private function dog(\Closure $cell, string $mind): array
    {
        $imperial = $this->way->salon->units === 'imperial';
        $assumed = $this->way->assumed;
        $breed = (string) $this->text(Field::Breed, $cell(Field::Breed), 80);
        $usual = Coats::ofBreed($breed);
        $sex = $this->value(Field::Sex, $cell(Field::Sex), Values::sex(...));
        $coat = $this->value(Field::Coat, $cell(Field::Coat), Coats::named(...)) ?? ($usual[0] ?? null);
        $neutered = $this->value(Field::Neutered, $cell(Field::Neutered), Values::yes(...));
        $entire = $this->value(Field::Entire, $cell(Field::Entire), Values::yes(...));
        $bornOn = $this->bornOn($cell);
        $lengthMm = fn(string $said): ?float => Values::lengthMm($said, $imperial);
        $weightKg = fn(string $said): ?float => Values::weightKg($said, $imperial);
        $length = $this->value(Field::CoatLength, $cell(Field::CoatLength), $lengthMm);
        $weight = $this->value(Field::Weight, $cell(Field::Weight), $weightKg);
        $dog = [
            'name' => $this->text(Field::Dog, $cell(Field::Dog), 60, true),
            'breed' => $breed,
            'sex' => $sex ?? $this->assume(Field::Sex, $assumed['sex']),
            'entire' => $entire ?? ($neutered === null ? false : ! $neutered),
            'born_on' => $bornOn,
            'coat' => ($coat ?? $this->assume(Field::Coat, $assumed['coat']))->value,
            'primitive' => $usual !== null && $usual[1] && ($coat ?? null) === $usual[0],
            'coat_mm' => $length ?? $this->assume(Field::CoatLength, $assumed['coatMm']),
            'section_mm' => '[]',
            'weight_kg' => $weight ?? $this->assume(Field::Weight, $assumed['weightKg']),
            // Nothing that protects a dog is assumed: the most careful one holds until somebody has answered.
            'temperament' => Temperament::Mouthy->value,
            'health' => '[]',
            'to_ask' => json_encode([
                'temperament' => WarningWords::temperament($mind)?->value,
                'health' => array_column(WarningWords::health($mind), 'value'),
            ], JSON_THROW_ON_ERROR),
        ];

        return [...$dog, 'mind' => $this->mind($mind)];
    }

    /** @param \Closure(Field): string $cell */
    private function bornOn(\Closure $cell): string
    {
        $said = $cell(Field::BornOn);
        $date = $this->value(Field::BornOn, $said, function (string $said): ?string {
            $date = $this->dates->read($said);

            $isAge = $date <= $this->today->toDateString() && $date >= $this->today->subYears(30)->toDateString();

            return $isAge ? $date : null;
        });
        if ($date !== null) {
            return $date;
        }
        $months = $this->value(Field::Age, $cell(Field::Age), Values::ageMonths(...))
            ?? (int) round(12 * $this->assume(Field::BornOn, $this->way->assumed['ageYears']));

        return $this->today->subMonthsNoOverflow($months)->toDateString();
    }

    /** What to mind, and what to ask: what was assumed is told where somebody sees it. */
    private function mind(string $said): ?string
    {
        // Always in the same order; a coat's length is seen on the dog.
        $asked = array_filter(
            Field::cases(),
            fn(Field $field): bool => $field !== Field::CoatLength && in_array($field, $this->assumed, true),
        );
        $toAsk = $asked === [] ? '' : Words::of('import.to_ask', [
            'what' => implode(', ', array_map(fn(Field $field): string => Words::of("import.fields.{$field->value}"), $asked)),
        ]);
        $said = trim((string) preg_replace('/\s+/', ' ', $said));
        // Two sentences, whatever the first ends with.
        $said .= $toAsk === '' || $said === '' || preg_match('/[.!?…]$/u', $said) === 1 ? '' : '.';
        $room = 200 - mb_strlen($toAsk) - ($toAsk === '' ? 0 : 1);
        if (mb_strlen($said) > $room) {
            $this->notes[] = ['field' => Field::Mind, 'problem' => 'cut', 'given' => $said];
        }
        $mind = trim(trim(mb_substr($said, 0, $room)).' '.$toAsk);

        return $mind === '' ? null : $mind;
    }

    private function text(Field $field, string $said, int $longest, bool $needed = false): ?string
    {
        $said = trim((string) preg_replace('/\s+/', ' ', $said));
        if ($said === '' && $needed) {
            $this->problems[] = ['field' => $field, 'problem' => 'missing', 'given' => ''];
        }
        if (mb_strlen($said) > $longest) {
            $this->problems[] = ['field' => $field, 'problem' => 'too_long', 'given' => $said];
        }
        if ($needed && OneAlphabet::mixedWord($said) !== null) {
            $this->problems[] = ['field' => $field, 'problem' => 'two_alphabets', 'given' => $said];
        }

        return $said === '' ? null : $said;
    }

    /**
     * A cell that can be read, or none; one that says something else is told, and the row read without it.
     *
     * @template T
     *
     * @param \Closure(string): (T|null) $read
     *
     * @return T|null
     */
    private function value(Field $field, string $said, \Closure $read): mixed
    {
        $value = $said === '' ? null : $read($said);
        if ($said !== '' && $value === null) {
            $this->notes[] = ['field' => $field, 'problem' => 'unreadable', 'given' => $said];
        }

        return $value;
    }

    /**
     * @template T
     *
     * @param T $value
     *
     * @return T
     */
    private function assume(Field $field, mixed $value): mixed
    {
        $this->assumed[] = $field;

        return $value;
    }
}

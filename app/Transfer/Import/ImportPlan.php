<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use Illuminate\Support\Facades\DB;

/** What reading a table would do: every row, who is here already, and which dogs would be there twice. */
final class ImportPlan
{
    public const NEW = 'new';

    public const TWIN = 'twin';

    public const LEFT_OUT = 'left_out';

    /** @var array<string, string> client's id by mail address */
    private array $clients = [];

    /** @var array<string, true> plain names of dogs, led by their client's id */
    private array $dogs = [];

    /** @var array<string, string|null> endings of telephones by client's id */
    private array $phones = [];

    /** @var array<string, list<string>> clients' ids by plain name */
    private array $names = [];

    public readonly RowReader $reader;

    public function __construct(private readonly CsvTable $table, private readonly ImportWay $way)
    {
        if ($way->column(Field::Dog) === null || ($way->column(Field::Client) === null && $way->column(Field::FirstName) === null)) {
            throw UnreadableTable::namesNoDog();
        }
        $this->reader = new RowReader($table, $way);
        foreach (DB::table('clients')->get(['id', 'name', 'phone', 'email']) as $client) {
            $this->know($client->id, ['name' => $client->name, 'phone' => $client->phone, 'email' => $client->email]);
        }
        foreach (DB::table('dogs')->get(['client_id', 'name']) as $dog) {
            $this->dogs["{$dog->client_id}|".Values::plain($dog->name)] = true;
        }
    }

    /**
     * @param int $from rows from this one on
     * @param \Closure(): string $newId for a client who is not here; the same client further down is the same
     *
     * @return \Generator<int, array{ReadRow, string, string|null, bool}> row, what becomes of it, its client's id, whether that
     *                                                                    client is new
     */
    public function rows(int $from, ?int $count, \Closure $newId): \Generator
    {
        foreach (array_slice($this->table->rows, $from, $count, true) as $line => $cells) {
            $row = $this->reader->read($line, $cells);
            if ($row->problems !== []) {
                yield [$row, self::LEFT_OUT, null, false];

                continue;
            }
            $client = $this->clientOf($row->client);
            $isNew = $client === null;
            $client ??= $newId();
            $isNew ? $this->know($client, $row->client) : null;
            $dog = "{$client}|".Values::plain((string) $row->dog['name']);
            $isTwin = isset($this->dogs[$dog]) && ! $this->way->addsTwins;
            $this->dogs[$dog] = true;
            yield [$row, $isTwin ? self::TWIN : self::NEW, $client, $isNew];
        }
    }

    /** @param array<string, mixed> $client */
    private function know(string $id, array $client): void
    {
        if ($client['email'] !== null) {
            $this->clients[mb_strtolower($client['email'])] ??= $id;
        }
        $this->phones[$id] = Values::phoneEnding($client['phone']);
        $this->names[Values::plain((string) $client['name'])][] = $id;
    }

    /**
     * The same mail address is the same client; so is the same name, unless both have a telephone and these differ.
     *
     * @param array<string, mixed> $client
     */
    private function clientOf(array $client): ?string
    {
        $byMail = $client['email'] === null ? null : $this->clients[mb_strtolower($client['email'])] ?? null;
        if ($byMail !== null) {
            return $byMail;
        }
        $phone = Values::phoneEnding($client['phone']);
        foreach ($this->names[Values::plain((string) $client['name'])] ?? [] as $id) {
            if ($phone === null || $this->phones[$id] === null || $this->phones[$id] === $phone) {
                return $id;
            }
        }

        return null;
    }
}

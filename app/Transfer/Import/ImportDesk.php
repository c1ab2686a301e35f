<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use App\Clients\NameIndex;
use App\Database\OneByOne;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Reads clients and dogs from a table, some rows at a time, and takes out again what nobody has worked with. */
final class ImportDesk
{
    /** Quick enough that a screen can tell how far it is. */
    private const ROWS_AT_ONCE = 500;

    private const INSERTED_AT_ONCE = 100;

    private const SHOWN_ROWS = 12;

    private const SHOWN_PROBLEMS = 200;

    public function begin(string $id, string $fileName, int $rows, Staff $by): void
    {
        $now = CarbonImmutable::now();
        // Looked at and left: nothing came of it.
        DB::table('imports')->where('done', 0)->where('created_at', '<', $now->subDay())->delete();
        DB::table('imports')->insert([
            'id' => $id,
            'staff_id' => $by->id,
            'file_name' => mb_substr($fileName, 0, 200),
            'rows' => $rows,
            'created_at' => $now,
        ]);
    }

    /** @return array<string, mixed> what reading the whole table would do; nothing is kept */
    public function dryRun(CsvTable $table, ImportWay $way): array
    {
        $plan = new ImportPlan($table, $way);
        $count = ['newClients' => 0, 'newDogs' => 0, 'twins' => 0, 'leftOut' => 0];
        [$known, $assumed, $problems, $shown, $number] = [[], [], [], [], 0];
        foreach ($plan->rows(0, null, function () use (&$number): string {
            return 'new '.++$number;
        }) as [$row, $outcome, $client, $isNew]) {
            $count['newClients'] += $isNew ? 1 : 0;
            $count['newDogs'] += $outcome === ImportPlan::NEW ? 1 : 0;
            $count['twins'] += $outcome === ImportPlan::TWIN ? 1 : 0;
            $count['leftOut'] += $outcome === ImportPlan::LEFT_OUT ? 1 : 0;
            if ($client !== null && ! str_starts_with($client, 'new ')) {
                $known[$client] = true;
            }
            if ($outcome === ImportPlan::NEW) {
                foreach ($row->assumed as $field) {
                    $assumed[$field->value] = ($assumed[$field->value] ?? 0) + 1;
                }
            }
            foreach ([...$row->problems, ...$row->notes] as $one) {
                $problems[] = [
                    'line' => $row->line,
                    'field' => $one['field']->value,
                    'problem' => $one['problem'],
                    'given' => mb_substr($one['given'], 0, 80),
                ];
            }
            if (count($shown) < self::SHOWN_ROWS) {
                $shown[] = [
                    'line' => $row->line,
                    'outcome' => $outcome,
                    'clientIsNew' => $isNew,
                    'client' => $row->client,
                    'dog' => self::shown($row->dog),
                ];
            }
        }

        return [
            ...$count,
            'knownClients' => count($known),
            'assumed' => (object) $assumed,
            'problems' => array_slice($problems, 0, self::SHOWN_PROBLEMS),
            'problemCount' => count($problems),
            'rows' => $shown,
            'dates' => $plan->reader->dates()->value,
            'guessedDates' => $plan->reader->guessedDates,
        ];
    }

    /**
     * The next rows. Asked for twice, as after a lost answer, each is read once.
     *
     * @return array{done: int, rows: int}
     */
    public function step(string $id, CsvTable $table, ImportWay $way): array
    {
        return DB::transaction(function () use ($id, $table, $way): array {
            OneByOne::on('imports');
            $import = self::open($id);
            $done = (int) $import->done;
            $now = CarbonImmutable::now()->format('Y-m-d H:i:s');
            [$clients, $dogs, $imported] = [[], [], []];
            $next = (new ImportPlan($table, $way))->rows($done, self::ROWS_AT_ONCE, fn(): string => (string) Str::ulid());
            foreach ($next as [$row, $outcome, $client, $isNew]) {
                if ($isNew) {
                    $clients[] = ['id' => $client, ...$row->client, 'created_at' => $now, 'updated_at' => $now];
                    $imported[] = ['import_id' => $id, 'kind' => 'client', 'of' => $client];
                }
                if ($outcome === ImportPlan::NEW) {
                    $dog = (string) Str::ulid();
                    $dogs[] = ['id' => $dog, 'client_id' => $client, ...$row->dog, 'created_at' => $now, 'updated_at' => $now];
                    $imported[] = ['import_id' => $id, 'kind' => 'dog', 'of' => $dog];
                }
            }
            foreach (['clients' => $clients, 'dogs' => $dogs, 'imported' => $imported] as $into => $rows) {
                foreach (array_chunk($rows, self::INSERTED_AT_ONCE) as $some) {
                    DB::table($into)->insert($some);
                }
            }
            (new NameIndex)->putNew(array_column($clients, 'id'), array_column($dogs, 'id'));
            $done = min(count($table->rows), $done + self::ROWS_AT_ONCE);
            DB::table('imports')->where('id', $id)->update(['done' => $done]);

            return ['done' => $done, 'rows' => count($table->rows)];
        });
    }

    /** @return array{done: int, rows: int} */
    public function progress(string $id): array
    {
        $import = DB::table('imports')->where('id', $id)->whereNull('undone_at')->first(['done', 'rows']) ?? throw UnreadableTable::gone();

        return ['done' => (int) $import->done, 'rows' => (int) $import->rows];
    }

    /**
     * Takes out what came with it, as long as nobody has worked with it: a dog that was here, is booked, or whose card somebody
     * has changed stays, and so does its client.
     *
     * @return array{clients: int, dogs: int, kept: int} taken out, and dogs that stay
     */
    public function undo(string $id): array
    {
        return DB::transaction(function () use ($id): array {
            // A dog that goes must not come in at the same moment.
            OneByOne::everything();
            self::open($id);
            $of = fn(string $kind) => DB::table('imported')->where('import_id', $id)->where('kind', $kind)->select('of');
            $untouched = DB::table('dogs')->whereIn('id', $of('dog'))
                ->whereColumn('updated_at', 'created_at')->where('version', 0)
                ->whereNotExists(fn($visits) => $visits->from('visits')->whereColumn('visits.dog_id', 'dogs.id'))
                ->whereNotExists(fn($booked) => $booked->from('appointments')->whereColumn('appointments.dog_id', 'dogs.id'))
                ->pluck('id');
            $this->delete('dogs', 'dog_id', $untouched);
            $clients = DB::table('clients')->whereIn('id', $of('client'))
                ->whereColumn('updated_at', 'created_at')
                ->whereNotExists(fn($dogs) => $dogs->from('dogs')->whereColumn('dogs.client_id', 'clients.id'))
                ->pluck('id');
            $this->delete('clients', 'client_id', $clients);
            $all = DB::table('imported')->where('import_id', $id)->where('kind', 'dog')->count();
            DB::table('imports')->where('id', $id)->update(['undone_at' => CarbonImmutable::now()]);

            return ['clients' => $clients->count(), 'dogs' => $untouched->count(), 'kept' => $all - $untouched->count()];
        });
    }

    /** @return list<array<string, mixed>> the latest first */
    public function list(): array
    {
        $imports = DB::table('imports')->join('staff', 'staff.id', '=', 'imports.staff_id')->where('done', '>', 0)
            ->orderByDesc('imports.created_at')->orderByDesc('imports.id')->limit(20)
            ->get(['imports.id', 'file_name', 'rows', 'done', 'imports.created_at', 'undone_at', 'staff.name as by']);
        $dogs = DB::table('imported')->whereIn('import_id', $imports->pluck('id'))->where('kind', 'dog')
            ->groupBy('import_id')->selectRaw('import_id, count(*) as dogs')->pluck('dogs', 'import_id');

        return array_values($imports->map(fn(\stdClass $one): array => [
            'id' => $one->id,
            'fileName' => $one->file_name,
            'rows' => (int) $one->rows,
            'done' => (int) $one->done,
            'dogs' => (int) ($dogs[$one->id] ?? 0),
            'at' => CarbonImmutable::parse($one->created_at, 'UTC')->format('Y-m-d\TH:i:s\Z'),
            'by' => $one->by,
            'undone' => $one->undone_at !== null,
        ])->all());
    }

    /** @throws UnreadableTable where it was undone, or never begun */
    private static function open(string $id): \stdClass
    {
        return DB::table('imports')->where('id', $id)->whereNull('undone_at')->first() ?? throw UnreadableTable::gone();
    }

    /** @param Collection<int, string> $ids */
    private function delete(string $table, string $index, Collection $ids): void
    {
        foreach ($ids->chunk(self::ROWS_AT_ONCE) as $some) {
            DB::table('name_words')->whereIn($index, $some)->delete();
            DB::table($table)->whereIn('id', $some)->delete();
        }
    }

    /**
     * @param array<string, mixed> $dog
     *
     * @return array<string, mixed>
     */
    private static function shown(array $dog): array
    {
        return [
            'name' => $dog['name'],
            'breed' => $dog['breed'],
            'sex' => $dog['sex'],
            'bornOn' => $dog['born_on'],
            'coat' => $dog['coat'],
            'coatMm' => $dog['coat_mm'],
            'weightKg' => $dog['weight_kg'],
            'mind' => $dog['mind'],
        ];
    }
}

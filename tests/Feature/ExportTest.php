<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use App\Models\LogEntry;
use App\Models\Visit;
use App\Transfer\Tables;
use HoundCheck\Core\Marks\Role;
use Tests\TestCase;
use ZipArchive;

/** A salon takes its records along as tables that any spreadsheet reads, and a stranger does not. */
final class ExportTest extends TestCase
{
    public function test_the_tables_hold_what_was_recorded_and_join_by_their_ids(): void
    {
        $this->signIn(Role::Owner);
        $client = Client::factory()->create(['name' => "Orla \"Quay\" Vane,\nSaltby", 'phone' => '+49 555 0100']);
        $visit = $this->arrive(Dog::factory()->create(['client_id' => $client->id, 'name' => 'Tansy', 'mind' => '=HYPERLINK("x")', 'health' => ['joint_pain', 'skin_allergy']]));
        $this->postJson("/api/visits/{$visit->id}/marks", ['marks' => [$this->mark('comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], 'back')], 'sentAt' => self::now()])->assertOk();

        $tables = $this->taken();

        self::assertSame(['name' => "Orla \"Quay\" Vane,\nSaltby", 'phone' => '+49 555 0100'], array_intersect_key($tables['clients'][0], ['name' => 1, 'phone' => 1]));
        $dog = $tables['dogs'][0];
        self::assertSame([$client->id, 'Tansy', "'=HYPERLINK(\"x\")", 'joint_pain skin_allergy'], [$dog['client_id'], $dog['name'], $dog['mind'], $dog['health']]);
        self::assertSame([$visit->id, $dog['dog_id'], ''], [$tables['visits'][0]['visit_id'], $tables['visits'][0]['dog_id'], $tables['visits'][0]['closed_at']]);
        $grades = array_column($tables['sections'], 'grade', 'section');
        self::assertSame([30, '0', ''], [count($grades), $grades['back'], $grades['muzzle']]);
        self::assertSame(['tables_taken'], LogEntry::query()->pluck('kind')->all());
    }

    public function test_every_visit_of_the_demo_salon_is_in_the_tables_with_the_times_that_it_took(): void
    {
        $this->artisan('demo:fill')->assertSuccessful();
        $this->signIn(Role::Owner);
        $tables = $this->taken();
        self::assertSame([Client::query()->count(), Dog::query()->count(), Visit::query()->count()], array_map(count(...), [$tables['clients'], $tables['dogs'], $tables['visits']]));
        self::assertCount(30 * Visit::query()->count(), $tables['sections']);
        // What the dictionary says of a code holds for every row: nothing else stands there.
        self::assertSame([], array_diff(array_column($tables['times'], 'work'), ['table', 'drying', 'finish']));
        $onTheWholeDog = array_filter($tables['times'], fn(array $row): bool => $row['work'] !== 'table');
        self::assertNotEmpty($onTheWholeDog);
        self::assertSame([['', '']], array_values(array_unique(array_map(fn(array $row): array => [$row['section'], $row['treatment']], $onTheWholeDog), SORT_REGULAR)));
        self::assertSame([], array_diff(array_column($tables['sections'], 'grade'), ['', '0', '1', '2', '3', '4', '5', 'comb again', 'left alone']));
        self::assertSame([], array_diff(array_column($tables['times'], 'visit_id'), array_column($tables['visits'], 'visit_id')));
    }

    public function test_the_dictionary_explains_every_column_that_there_is(): void
    {
        $this->signIn(Role::Owner);
        $tables = $this->taken(headsOnly: true);
        $explained = array_map(fn(array $row): string => "{$row['table']}.{$row['column']}", $this->taken()['dictionary']);
        foreach (Tables::names() as $table) {
            self::assertSame(array_keys(Tables::columns($table)), $tables[$table]);
            self::assertSame([], array_diff(array_map(fn(string $column): string => "{$table}.{$column}", $tables[$table]), $explained));
        }
    }

    public function test_nobody_but_an_owner_takes_them(): void
    {
        $this->getJson('/api/exports/tables')->assertUnauthorized();
        $this->signIn(Role::Groomer);
        $this->getJson('/api/exports/tables')->assertForbidden();
        self::assertSame([], glob(config('salon.outgoing_folder').'/*') ?: []);
    }

    /** @return array<string, list<mixed>> rows by column name, or the headings, by table */
    private function taken(bool $headsOnly = false): array
    {
        $answer = $this->get('/api/exports/tables')->assertOk();
        self::assertStringContainsString('hound-check-tables-', (string) $answer->headers->get('Content-Disposition'));
        $zip = new ZipArchive;
        self::assertTrue($zip->open($answer->baseResponse->getFile()->getPathname()));
        $tables = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $file = fopen('php://memory', 'w+');
            fwrite($file, (string) $zip->getFromIndex($at));
            rewind($file);
            $heads = fgetcsv($file, escape: '');
            $rows = [];
            while (($row = fgetcsv($file, escape: '')) !== false) {
                $rows[] = array_combine($heads, $row);
            }
            $tables[basename((string) $zip->getNameIndex($at), '.csv')] = $headsOnly ? $heads : $rows;
        }
        $zip->close();
        unlink($answer->baseResponse->getFile()->getPathname());

        return $tables;
    }
}

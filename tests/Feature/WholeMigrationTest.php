<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** All migrations of a run count, or none: whoever was killed at them finds them as they were. */
#[Group('sqlite')]
final class WholeMigrationTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/whole-migration-'.bin2hex(random_bytes(6));
        mkdir("{$this->folder}/migrations", 0700, true);
        config(['database.connections.other' => ['database' => "{$this->folder}/other.sqlite"] + config('database.connections.sqlite')]);
        touch("{$this->folder}/other.sqlite");
    }

    protected function tearDown(): void
    {
        DB::purge('other');
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_run_that_breaks_off_left_nothing_and_the_next_one_does_all_of_it(): void
    {
        $this->migration('1', '$schema->create("combs", fn($table) => $table->id());');
        $this->migration('2', '$schema->create("brushes", fn($table) => $table->id()); throw new RuntimeException("killed here");');
        try {
            $this->migrateNow();
            self::fail('it should have broken off');
        } catch (\RuntimeException $broken) {
            self::assertSame('killed here', $broken->getMessage());
        }
        // The process is gone, and its connection with it.
        DB::purge('other');
        self::assertSame([[], 0], [$this->made(), DB::connection('other')->table('migrations')->count()]);

        // One that is read once stays read.
        File::delete("{$this->folder}/migrations/2026_01_01_000002_step.php");
        $this->migration('3', '$schema->create("brushes", fn($table) => $table->id());');
        $this->migrateNow();
        self::assertSame(['brushes', 'combs'], $this->made());
    }

    public function test_a_table_that_is_made_anew_takes_nothing_with_it_that_names_it(): void
    {
        $this->migration('1', '$schema->create("dogs", fn($table) => [$table->id(), $table->integer("weight")]);'
            .'$schema->create("visits", fn($table) => [$table->id(), $table->foreignId("dog_id")->constrained("dogs")->cascadeOnDelete()]);'
            .'DB::connection("other")->table("dogs")->insert(["id" => 1, "weight" => 9]); DB::connection("other")->table("visits")->insert(["dog_id" => 1]);');
        $this->migrateNow();
        $this->migration('2', '$schema->table("dogs", fn($table) => $table->float("weight")->nullable()->change());');
        $this->migrateNow();
        self::assertSame(1, DB::connection('other')->table('visits')->count());
        self::assertSame(1, (int) DB::connection('other')->scalar('pragma foreign_keys'));
    }

    public function test_a_migration_that_leaves_a_reference_to_nothing_does_not_count(): void
    {
        $this->migration('1', '$schema->create("dogs", fn($table) => $table->id());'
            .'$schema->create("visits", fn($table) => [$table->id(), $table->foreignId("dog_id")->constrained("dogs")]);'
            .'DB::connection("other")->table("visits")->insert(["dog_id" => 7]);');
        $this->expectExceptionMessage('a row of visits names one of dogs that is gone');
        $this->migrateNow();
    }

    private function migration(string $number, string $does): void
    {
        File::put("{$this->folder}/migrations/2026_01_01_00000{$number}_step.php", <<<PHP
            <?php
            use Illuminate\Database\Migrations\Migration;
            use Illuminate\Support\Facades\DB;
            use Illuminate\Support\Facades\Schema;
            return new class extends Migration {
                public function up(): void { \$schema = Schema::connection('other'); {$does} }
            };
            PHP);
    }

    private function migrateNow(): void
    {
        $of = ['--database' => 'other', '--realpath' => true, '--path' => "{$this->folder}/migrations"];
        $this->artisan('migrate', ['--force' => true, ...$of])->run();
    }

    /** @return list<string> */
    private function made(): array
    {
        return array_values(array_filter(
            array_column(DB::connection('other')->select("select name from sqlite_master where type = 'table' order by name"), 'name'),
            fn(string $name): bool => ! str_starts_with($name, 'sqlite_') && $name !== 'migrations',
        ));
    }
}

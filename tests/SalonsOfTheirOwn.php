<?php

declare(strict_types=1);

namespace Tests;

use App\Database\Places;
use App\Database\Salons;
use Database\Factories\StaffFactory;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** Several salons, each in a database of its own that no transaction of a test lies around. */
trait SalonsOfTheirOwn
{
    use OnEitherDatabase;

    private string $place;

    /** Not the database that other tests share. */
    public function refreshDatabase(): void {}

    protected function beginSalons(string ...$others): void
    {
        $this->place = self::isPostgres() ? 'several_'.Str::lower(Str::random(8)) : sys_get_temp_dir().'/several-'.Str::ulid();
        if (self::isPostgres()) {
            DB::statement("create schema {$this->place}");
            config(['database.connections.pgsql.search_path' => $this->place]);
        } else {
            File::makeDirectory($this->place);
            touch("{$this->place}/main.sqlite");
            config(['database.connections.sqlite.database' => "{$this->place}/main.sqlite"]);
        }
        DB::purge();
        $this->app->forgetInstance(Places::class);
        $this->app->forgetInstance(Salons::class);
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        foreach ($others as $salon) {
            $this->artisan('salons:add', ['salon' => $salon, 'name' => ucfirst($salon)])->assertSuccessful();
        }
    }

    protected function endSalons(): void
    {
        $this->salons()->enter(Salons::MAIN);
        if (self::isPostgres()) {
            // Whatever a test left in the list: each of its schemas begins with the name of its own.
            $schemas = DB::select('select nspname from pg_namespace where starts_with(nspname, ?)', [$this->place]);
            foreach (array_column($schemas, 'nspname') as $schema) {
                DB::statement("drop schema {$schema} cascade");
            }
        } else {
            DB::purge();
            File::deleteDirectory($this->place);
        }
    }

    /** @return array<string, string> with which another process works on them */
    protected function environment(): array
    {
        return self::isPostgres() ? ['DB_SCHEMA' => $this->place] : ['DB_DATABASE' => "{$this->place}/main.sqlite"];
    }

    protected function salons(): Salons
    {
        return $this->app->make(Salons::class);
    }

    /** @param array<string, mixed> $with arguments of the command */
    protected function commandIn(string $salon, string $command, array $with): int
    {
        return $this->salons()->within($salon, fn(): int => $this->app->make(Kernel::class)->call($command, $with));
    }

    protected function asNewDevice(): void
    {
        $this->flushSession();
        $this->defaultCookies = [];
        $this->app['auth']->forgetGuards();
    }

    protected function signInAt(string $salon, string $name): void
    {
        $this->asNewDevice();
        $this->withCredentials()->withCookie('hound_check_salon', $salon);
        $this->postJson('/api/session', ['name' => $name, 'password' => StaffFactory::PASSWORD])->assertOk();
        $this->app['auth']->forgetGuards();
    }
}

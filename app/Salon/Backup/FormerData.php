<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** What a restore put aside: `….before-20261127-101500`. It holds people's data as long as it lies there. */
final readonly class FormerData
{
    public const STAMP = '/^\d{8}[-_]\d{6}$/';

    public function __construct(private Pictures $pictures) {}

    /** @return list<string> paths of files and folders, or names of schemas */
    public function all(): array
    {
        if (DB::connection()->getDriverName() === 'pgsql') {
            $begins = DB::connection()->getConfig('search_path').'_before_';

            return array_column(DB::select('select nspname from pg_namespace where starts_with(nspname, ?) order by nspname', [$begins]), 'nspname');
        }
        $database = (string) config('database.connections.sqlite.database');
        $photos = $this->pictures->folder();

        return [...glob("{$database}*.{before-,restored}*", GLOB_BRACE) ?: [], ...($photos === null ? [] : (glob("{$photos}.{before-,restored}*", GLOB_BRACE) ?: []))];
    }

    /** How many restores put something aside that still lies there. */
    public function restores(): int
    {
        $stamps = array_map(fn(string $one): string => preg_match('/[._]before[-_](\d{8}[-_]\d{6})/', $one, $found) === 1 ? $found[1] : '', $this->all());

        return count(array_unique(array_filter($stamps)));
    }

    /** @return int how many went */
    public function delete(): int
    {
        $all = $this->all();
        $isPostgres = DB::connection()->getDriverName() === 'pgsql';
        foreach ($all as $one) {
            match (true) {
                $isPostgres => DB::statement('drop schema if exists '.DB::connection()->getQueryGrammar()->wrap($one).' cascade'),
                is_dir($one) => File::deleteDirectory($one),
                default => File::delete($one),
            };
        }

        return count($all);
    }
}

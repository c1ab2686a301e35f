<?php

declare(strict_types=1);

namespace App\Transfer;

use RuntimeException;
use ZipArchive;

/** Every table as CSV (RFC 4180, UTF-8, a heading row) in one ZIP, with the data dictionary beside them. */
final class TablesArchive
{
    /** What a spreadsheet would take for a formula, were it the first sign of a cell. */
    private const FORMULA = ['=', '+', '-', '@', "\t", "\r"];

    private const TELEPHONE = '~^\+[\d\s()/]+$~D';

    /** @return string path of a file that is the caller's to delete */
    public static function write(): string
    {
        return Outgoing::folder('tables', function (string $folder): string {
            $put = function (ZipArchive $zip) use ($folder): void {
                foreach (self::files($folder) as $file) {
                    $zip->addFile($file, basename($file));
                }
            };

            return Outgoing::zip('tables', [$put]);
        });
    }

    /** @return list<string> paths of the tables and their dictionary, written into a folder */
    public static function files(string $folder): array
    {
        [$files, $dictionary] = [[], []];
        foreach (Tables::names() as $table) {
            $columns = Tables::columns($table);
            self::csv($files[] = "{$folder}/{$table}.csv", array_keys($columns), Tables::rows($table));
            foreach ($columns as $column => [$means]) {
                $dictionary[] = [$table, $column, $means];
            }
        }
        self::csv($files[] = "{$folder}/dictionary.csv", ['table', 'column', 'means'], $dictionary);

        return $files;
    }

    /**
     * @param list<string> $heads
     * @param iterable<list<string|int|float|null>> $rows
     */
    private static function csv(string $path, array $heads, iterable $rows): void
    {
        $file = fopen($path, 'w') ?: throw new RuntimeException("{$path} cannot be made.");
        $write = fn(array $row): int => fputcsv($file, $row, escape: '', eol: "\r\n") ?: throw new RuntimeException("{$path} takes no more.");
        $write($heads);
        foreach ($rows as $row) {
            $write(array_map(self::cell(...), $row));
        }
        fclose($file);
    }

    /** Text that a spreadsheet would run is led by an apostrophe; a telephone number it does not run. */
    private static function cell(string|int|float|null $value): string|int|float|null
    {
        $runs = is_string($value) && in_array($value[0] ?? '', self::FORMULA, true) && preg_match(self::TELEPHONE, $value) !== 1;

        return $runs ? "'{$value}" : $value;
    }
}

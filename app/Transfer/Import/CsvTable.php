<?php

declare(strict_types=1);

namespace App\Transfer\Import;

/**
 * A table of text as other programs write it: with commas, semicolons or tabs, in UTF-8 or in the encoding of an older
 * Windows, with or without quotes. The first row that is not empty is its headings.
 */
final readonly class CsvTable
{
    public const MOST_BYTES = 8 * 1024 * 1024;

    public const MOST_ROWS = 20_000;

    private const MOST_COLUMNS = 80;

    private const MOST_IN_A_LINE = 2000;

    private const DELIMITERS = [';', ',', "\t"];

    private const LONGEST_CELL = 500;

    /**
     * @param list<string> $headings
     * @param array<int, list<string>> $rows by the line of the file on which each begins; as many cells as headings
     */
    private function __construct(public array $headings, public array $rows) {}

    /** @throws UnreadableTable */
    public static function read(string $bytes): self
    {
        $text = self::inUtf8($bytes);
        $delimiter = self::delimiter($text);
        self::mayBeATable($text, $delimiter);
        $file = fopen('php://memory', 'r+b') ?: throw new \RuntimeException('There is no memory for a table.');
        fwrite($file, $text);
        rewind($file);
        [$headings, $rows, $line, $lastBegins] = [[], [], 1, 1];
        while (($cells = fgetcsv($file, null, $delimiter, '"', '')) !== false) {
            $begins = $line;
            $whole = implode('', $cells);
            $line += 1 + substr_count($whole, "\n");
            $cells = array_map(trim(...), array_map(strval(...), $cells));
            if (trim($whole) === '') {
                continue;
            }
            if ($headings === []) {
                $headings = $cells;
            } else {
                $rows[$begins] = self::fitted($cells, count($headings));
            }
            count($rows) <= self::MOST_ROWS || throw UnreadableTable::tooLong(self::MOST_ROWS);
            $lastBegins = $begins;
        }
        fclose($file);
        if (substr_count($text, '"') % 2 === 1) {
            throw UnreadableTable::openQuote($lastBegins);
        }
        match (true) {
            count($headings) > self::MOST_COLUMNS => throw UnreadableTable::noTable(),
            $rows === [] => throw UnreadableTable::empty(),
            default => null,
        };

        return new self($headings, $rows);
    }

    /** Before it is taken apart: a line of millions of cells needs more memory than there is. */
    private static function mayBeATable(string $text, string $delimiter): void
    {
        for ($at = 0, $length = strlen($text); $at < $length; $at = $end + 1) {
            $end = strpos($text, "\n", $at);
            $end = $end === false ? $length : $end;
            if (substr_count($text, $delimiter, $at, $end - $at) > self::MOST_IN_A_LINE) {
                throw UnreadableTable::noTable();
            }
        }
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string> as many as there are headings
     */
    private static function fitted(array $cells, int $count): array
    {
        $fitted = array_pad(array_slice($cells, 0, $count), $count, '');

        return array_map(
            fn(string $cell): string => strlen($cell) > self::LONGEST_CELL ? mb_substr($cell, 0, self::LONGEST_CELL) : $cell,
            $fitted,
        );
    }

    /** @throws UnreadableTable */
    private static function inUtf8(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => (string) mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => (string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };

        // A table of a spreadsheet program in its own format, or a picture.
        if (str_contains($text, "\0") || str_starts_with($text, 'PK')) {
            throw UnreadableTable::noTable();
        }

        return str_replace(["\r\n", "\r"], "\n", $text);
    }

    /** The one that parts the first rows into the same number of cells most often. */
    private static function delimiter(string $text): string
    {
        $lines = array_slice(array_filter(explode("\n", mb_substr($text, 0, 20_000)), fn(string $line): bool => trim($line) !== ''), 0, 20);
        $best = [',', 0];
        foreach (self::DELIMITERS as $delimiter) {
            $counts = array_map(fn(string $line): int => count(str_getcsv($line, $delimiter, '"', '')), $lines);
            $usual = $counts === [] ? 1 : (int) array_search(max(array_count_values($counts)), array_count_values($counts), true);
            $score = $usual === 1 ? 0 : $usual * count(array_keys($counts, $usual, true));
            $best = $score > $best[1] ? [$delimiter, $score] : $best;
        }

        return $best[0];
    }
}

<?php

declare(strict_types=1);

namespace App\Transfer\Import;

/** In which order a column writes its dates: read off those that can be read in one way only. */
enum DateOrder: string
{
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';

    /** A time behind it is not looked at. */
    private const YEAR_FIRST = '~^(\d{4})[-./](\d{1,2})[-./](\d{1,2})(?:[ T].*)?$~D';

    private const YEAR_LAST = '~^(\d{1,2})[-./ ](\d{1,2})[-./ ](\d{4}|\d{2})(?: .*)?$~D';

    /**
     * @param list<string> $cells
     * @param self $usual of the salon's country, where the column does not say
     *
     * @return array{self, bool} and whether it had to be guessed
     */
    public static function of(array $cells, self $usual): array
    {
        $known = false;
        foreach ($cells as $cell) {
            $parts = self::parts($cell);
            if ($parts === null || $parts[0] > 31) {
                continue;
            }
            $known = true;
            if ($parts[0] > 12) {
                return [self::DayFirst, false];
            }
            if ($parts[1] > 12) {
                return [self::MonthFirst, false];
            }
            // With dots nobody writes the month first.
            if (preg_match('/^\d{1,2}\.\d/', $cell) === 1) {
                return [self::DayFirst, false];
            }
        }

        return [$usual, $known];
    }

    /** @return string|null Y-m-d; null: no date, or none that there is */
    public function read(string $cell): ?string
    {
        $parts = self::parts($cell);
        if ($parts === null) {
            return null;
        }
        [$year, $month, $day] = match (true) {
            $parts[0] > 31 => $parts,
            $this === self::DayFirst => [$parts[2], $parts[1], $parts[0]],
            default => [$parts[2], $parts[0], $parts[1]],
        };
        $year += $year < 100 ? ($year > (int) date('y') ? 1900 : 2000) : 0;

        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }

    /** @return array{int, int, int}|null the three numbers of a date in the order in which they stand; a year in front is more than 31 */
    public static function parts(string $cell): ?array
    {
        $isDate = preg_match(self::YEAR_FIRST, $cell, $found) === 1 || preg_match(self::YEAR_LAST, $cell, $found) === 1;

        return $isDate ? [(int) $found[1], (int) $found[2], (int) $found[3]] : null;
    }
}

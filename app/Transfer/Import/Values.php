<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use App\Words\Languages;
use App\Words\Units;

/** Single cells as people write them, put in the salon's own terms; null: nothing that can be read. */
final class Values
{
    private const MALE = ['m', 'male', 'dog', 'rude', 'mannlich', 'boy', 'mn', 'mc'];

    private const FEMALE = ['f', 'w', 'female', 'bitch', 'hundin', 'weiblich', 'girl', 'fn', 'fs'];

    /** In a column of that name the word itself is a yes. */
    private const SAYS_ITSELF = ['neutered', 'spayed', 'castrated', 'kastriert', 'entire', 'intact', 'intakt'];

    private const YES = ['yes', 'y', 'ja', 'j', 'x', '1', 'true', 'wahr', ...self::SAYS_ITSELF];

    private const NO = ['no', 'n', 'nein', '0', 'false', 'falsch', 'not neutered', 'unkastriert', '-'];

    private const MM_PER = ['mm' => 1.0, 'cm' => 10.0, 'in' => Units::MM_PER_INCH, '"' => Units::MM_PER_INCH];

    private static ?\Transliterator $latin = null;

    /** Small letters without accents, and one blank between words: what headings, names and words are compared by. */
    public static function plain(string $text): string
    {
        // Most of a table is plain already, and a transliterator is slow to make.
        self::$latin ??= \Transliterator::create('Any-Latin; Latin-ASCII; Lower()');
        $ascii = mb_check_encoding($text, 'ASCII') ? strtolower($text) : (string) self::$latin?->transliterate($text);

        return trim((string) preg_replace('/[^a-z0-9]+/', ' ', $ascii));
    }

    public static function email(string $cell): ?string
    {
        return mb_strlen($cell) <= 254 && filter_var($cell, FILTER_VALIDATE_EMAIL) !== false ? $cell : null;
    }

    /** @return string|null male, female */
    public static function sex(string $cell): ?string
    {
        $plain = self::plain($cell);
        $first = (string) strtok($plain, ' ');

        return match (true) {
            in_array($plain, self::MALE, true), in_array($first, self::MALE, true) => 'male',
            in_array($plain, self::FEMALE, true), in_array($first, self::FEMALE, true) => 'female',
            default => null,
        };
    }

    public static function yes(string $cell): ?bool
    {
        $plain = $cell === '-' ? '-' : self::plain($cell);

        return match (true) {
            in_array($plain, self::YES, true) => true,
            in_array($plain, self::NO, true) => false,
            default => null,
        };
    }

    /** @param bool $imperial what a bare number is given in */
    public static function weightKg(string $cell, bool $imperial): ?float
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*(kg|kilo|lbs?|pounds?)?\.?$/i', $cell, $found) !== 1) {
            return null;
        }
        $unit = strtolower($found[2] ?? '');
        $inPounds = $unit === '' ? $imperial : ! str_starts_with($unit, 'k');
        $kg = self::number($found[1]) * ($inPounds ? Units::KG_PER_POUND : 1.0);

        return $kg >= 0.3 && $kg <= 120 ? round($kg, 2) : null;
    }

    /** @param bool $imperial what a bare number is given in */
    public static function lengthMm(string $cell, bool $imperial): ?float
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*(mm|cm|in|")?\.?$/i', $cell, $found) !== 1) {
            return null;
        }
        $mm = self::number($found[1]) * self::MM_PER[strtolower($found[2] ?? '') ?: ($imperial ? 'in' : 'mm')];

        return $mm >= 1 && $mm <= 500 ? round($mm, 1) : null;
    }

    /** @return int|null months: "3", "3 years", "8 months", "2,5 J." */
    public static function ageMonths(string $cell): ?int
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*([a-z.]*)$/i', $cell, $found) !== 1) {
            return null;
        }
        $months = self::number($found[1]) * (str_starts_with(strtolower($found[2]), 'm') ? 1 : 12);

        return $months <= 360 ? (int) round($months) : null;
    }

    /** @return string|null two letters of a language that Hound Check speaks */
    public static function language(string $cell): ?string
    {
        $plain = self::plain($cell);
        foreach (Languages::all() as $code) {
            foreach (Languages::all() as $in) {
                if ($plain === $code || $plain === self::plain((string) \Locale::getDisplayLanguage($code, $in))) {
                    return $code;
                }
            }
        }

        return null;
    }

    /** The end of a telephone number, by which two of them are compared; null: too short to tell. */
    public static function phoneEnding(?string $phone): ?string
    {
        $digits = (string) preg_replace('/\D/', '', (string) $phone);

        return strlen($digits) < 6 ? null : substr($digits, -7);
    }

    private static function number(string $written): float
    {
        return (float) str_replace(',', '.', $written);
    }
}

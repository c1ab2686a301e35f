<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use App\Words\Languages;
use App\Words\Words;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\UsualCoats;

/** Coats as people write them, and the coat that a breed usually has, in every language that Hound Check speaks. */
final class Coats
{
    /** @var array<string, array{CoatType, bool}>|null coat and whether it stands off, by a breed's plain name, the longest first */
    private static ?array $breeds = null;

    /** @var array<string, array{CoatType, bool}|null> by what was written */
    private static array $asked = [];

    /** @var array<string, CoatType>|null by plain word */
    private static ?array $words = null;

    public static function named(string $cell): ?CoatType
    {
        if (self::$words === null) {
            self::$words = [];
            foreach (CoatType::cases() as $coat) {
                foreach (Languages::all() as $language) {
                    self::$words[Values::plain((new Words($language))->say("coat.coats.{$coat->value}"))] = $coat;
                }
                self::$words[$coat->value] = $coat;
            }
        }
        $plain = Values::plain($cell);
        $without = (string) preg_replace('/ ?(coat|coated|haired|haar|haarig|fell)$/', '', $plain);

        return self::$words[$plain] ?? self::$words[$without] ?? self::$words["{$without}fell"] ?? null;
    }

    /** @return array{CoatType, bool}|null coat, and whether it stands off; null: a breed that nobody has a word for here */
    public static function ofBreed(string $cell): ?array
    {
        // A salon has few breeds, many times.
        if (! array_key_exists($cell, self::$asked)) {
            self::$asked[$cell] = self::find($cell);
        }

        return self::$asked[$cell];
    }

    /** @return array{CoatType, bool}|null */
    private static function find(string $cell): ?array
    {
        if (self::$breeds === null) {
            self::$breeds = [];
            foreach (UsualCoats::all() as $one) {
                foreach (Languages::all() as $language) {
                    $name = (new Words($language))->say("breeds.names.{$one['breed']}");
                    self::$breeds[Values::plain($name)] = [$one['coat'], $one['primitive']];
                }
            }
            uksort(self::$breeds, fn(string $one, string $other): int => strlen($other) <=> strlen($one));
        }
        $plain = Values::plain($cell);
        if ($plain === '') {
            return null;
        }
        if (isset(self::$breeds[$plain])) {
            return self::$breeds[$plain];
        }
        foreach (self::$breeds as $name => $coat) {
            if (preg_match('/\b'.preg_quote($name, '/').'\b/', $plain) === 1) {
                return $coat;
            }
        }

        return null;
    }
}

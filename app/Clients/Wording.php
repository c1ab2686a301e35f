<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\MessageText;

/**
 * What messages say: the owner's own words, or those that come with Hound Check.
 *
 * Words in braces are filled in. What stands in square brackets is left out where one of its words is missing.
 */
final class Wording
{
    /** Three texts of a telephone. */
    public const LONGEST = 600;

    /** @param array<string, string> $words by name; one that is missing or empty is nothing */
    public static function say(MessageKind $kind, string $language, array $words): string
    {
        return self::fill(self::of($kind, $language), $words);
    }

    public static function of(MessageKind $kind, string $language): string
    {
        return self::latest($kind, $language)->text ?? self::delivered($kind, $language);
    }

    /** The owner's latest choice; its text is null where they went back to what was delivered. */
    public static function latest(MessageKind $kind, string $language): ?MessageText
    {
        return MessageText::query()
            ->with('staff:id,name')
            ->where('kind', $kind->value)
            ->where('language', $language)
            ->orderByDesc('id')
            ->first();
    }

    public static function delivered(MessageKind $kind, string $language): string
    {
        return (string) app('translator')->get("clients.texts.{$kind->value}", [], $language);
    }

    /** @param array<string, string> $words */
    public static function fill(string $text, array $words): string
    {
        $given = array_filter($words, fn(string $word): bool => $word !== '');
        $missing = fn(string $part): bool => array_diff(self::wordsIn($part), array_keys($given)) !== [];
        $whole = (string) preg_replace_callback(
            '/\[([^\[\]]*)\]/u',
            fn(array $part): string => $missing($part[1]) ? '' : $part[1],
            $text,
        );
        $braced = array_combine(array_map(fn(string $name): string => "{{$name}}", array_keys($words)), array_values($words));

        return trim((string) preg_replace('/ {2,}/', ' ', strtr($whole, $braced)));
    }

    /** @return array{TextProblem, string}|null what is wrong, and with which word */
    public static function problem(MessageKind $kind, string $text): ?array
    {
        $words = self::wordsIn($text);
        $unknown = array_values(array_diff($words, $kind->words()));
        $missing = array_values(array_diff($kind->needs(), self::wordsIn((string) preg_replace('/\[[^\[\]]*\]/u', '', $text))));
        $bare = (string) preg_replace(['/\{[a-z]+\}/', '/\[[^\[\]]*\]/u'], '', $text);

        return match (true) {
            trim($text) === '' => [TextProblem::Empty, ''],
            mb_strlen($text) > self::LONGEST => [TextProblem::TooLong, ''],
            preg_match('/[\[\]{}]/', $bare) === 1 && $unknown === [] => [TextProblem::Unbalanced, ''],
            $unknown !== [] => [TextProblem::UnknownWord, $unknown[0]],
            $missing !== [] => [TextProblem::WordNeeded, $missing[0]],
            default => null,
        };
    }

    /** @return list<string> names in braces */
    private static function wordsIn(string $text): array
    {
        preg_match_all('/\{([^{}]*)\}/u', $text, $found);

        return array_values(array_unique($found[1]));
    }
}

<?php

declare(strict_types=1);

namespace App\Clients;

use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Spoofchecker;

/**
 * No word of a name mixes letters of two alphabets, such as a Cyrillic е within "Imke": it looks like another's name and is
 * found by no search. Two names, each in its own letters, may stand beside one another.
 */
final class OneAlphabet implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $word = self::mixedWord(is_string($value) ? $value : '');
        $word === null ?: $fail(Words::of('problems.two_alphabets', ['word' => $word]));
    }

    /** @return string|null the first word that mixes them */
    public static function mixedWord(string $name): ?string
    {
        $checker = new Spoofchecker;
        $checker->setRestrictionLevel(Spoofchecker::HIGHLY_RESTRICTIVE);
        foreach (preg_split('/[^\p{L}\p{M}]+/u', $name, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if ($checker->isSuspicious($word)) {
                return $word;
            }
        }

        return null;
    }
}

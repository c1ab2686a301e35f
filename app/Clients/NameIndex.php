<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Client;
use App\Models\Dog;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Names by the beginnings of their words, and telephones by their endings, so that a search among many clients reads few rows.
 *
 * A projection of the cards: written with them, made anew by `visits:rebuild`.
 */
final class NameIndex
{
    private const ROWS_AT_ONCE = 500;

    /** An ending of a telephone number shorter than this names nobody. */
    private const PHONE_DIGITS = 3;

    /** Shorter words have no typing errors: everything would be near them. */
    private const NEAR_FROM = 4;

    /** From this length on a word may be wrong in two places. */
    private const TWO_ERRORS_FROM = 7;

    /** More words near a typed one are no help. */
    private const MOST_NEAR = 40;

    public function putDog(Dog $dog): void
    {
        DB::table('name_words')->where('dog_id', $dog->id)->delete();
        DB::table('name_words')->insert(self::rows($dog->name.' '.$dog->client->name, $dog->client->phone, 'dog_id', $dog->id));
    }

    public function putClient(Client $client): void
    {
        DB::table('name_words')->where('client_id', $client->id)->delete();
        DB::table('name_words')->insert(self::rows($client->name, $client->phone, 'client_id', $client->id));
        $client->dogs()->with('client')->each($this->putDog(...));
    }

    public function rebuild(): void
    {
        DB::table('name_words')->delete();
        $this->putDogs(self::dogs());
        $this->putClients(DB::table('clients')->select(['id', 'name', 'phone']));
    }

    /**
     * Many at once that have no words yet.
     *
     * @param list<string> $clients ids
     * @param list<string> $dogs ids
     */
    public function putNew(array $clients, array $dogs): void
    {
        foreach (array_chunk($dogs, self::ROWS_AT_ONCE) as $some) {
            $this->putDogs(self::dogs()->whereIn('dogs.id', $some));
        }
        foreach (array_chunk($clients, self::ROWS_AT_ONCE) as $some) {
            $this->putClients(DB::table('clients')->select(['id', 'name', 'phone'])->whereIn('id', $some));
        }
    }

    private static function dogs(): QueryBuilder
    {
        return DB::table('dogs')
            ->join('clients', 'clients.id', '=', 'dogs.client_id')
            ->select(['dogs.id', 'dogs.name', 'clients.name as client_name', 'clients.phone']);
    }

    private function putDogs(QueryBuilder $dogs): void
    {
        foreach ($dogs->lazyById(self::ROWS_AT_ONCE, 'dogs.id', 'id')->chunk(self::ROWS_AT_ONCE) as $some) {
            $this->insert($some->flatMap(fn(\stdClass $dog): array => self::rows(
                "{$dog->name} {$dog->client_name}",
                $dog->phone,
                'dog_id',
                $dog->id,
            ))->all());
        }
    }

    private function putClients(QueryBuilder $clients): void
    {
        foreach ($clients->lazyById(self::ROWS_AT_ONCE)->chunk(self::ROWS_AT_ONCE) as $some) {
            $this->insert($some->flatMap(fn(\stdClass $client): array => self::rows($client->name, $client->phone, 'client_id', $client->id))->all());
        }
    }

    /** @param array<int, array{word: string, dog_id: string|null, client_id: string|null}> $words */
    private function insert(array $words): void
    {
        foreach (array_chunk($words, self::ROWS_AT_ONCE) as $some) {
            DB::table('name_words')->insert($some);
        }
    }

    /**
     * Only those in whose names every word of the text begins some word. A word that begins none counts as typed wrongly: then
     * the words near it are meant.
     *
     * @template M of \Illuminate\Database\Eloquent\Model
     *
     * @param Builder<M> $query of dogs or of clients
     * @param string $column `dog_id` or `client_id`
     *
     * @return bool something was taken for a typing error
     */
    public static function narrow(Builder $query, string $column, string $text): bool
    {
        $forgiven = false;
        foreach (self::words($text) as $word) {
            $near = self::beginsSome($word, $column) ? [] : self::near($word, $column);
            $forgiven = $forgiven || $near !== [];
            $query->whereIn(
                'id',
                fn(QueryBuilder $words) => $words->from('name_words')
                    ->whereNotNull($column)
                    ->when(
                        $near === [],
                        fn(QueryBuilder $exact) => $exact->tap(fn(QueryBuilder $begins) => self::beginning($begins, $word)),
                        fn(QueryBuilder $about) => $about->whereIn('word', $near),
                    )
                    ->select($column),
            );
        }

        return $forgiven;
    }

    private static function beginsSome(string $word, string $column): bool
    {
        return DB::table('name_words')->whereNotNull($column)->tap(fn(QueryBuilder $words) => self::beginning($words, $word))->exists();
    }

    private static function beginning(QueryBuilder $words, string $word): void
    {
        // `~` comes after every letter and figure.
        $words->where('word', '>=', $word)->where('word', '<', "{$word}~");
    }

    /** @return list<string> words of names that somebody may have meant, the nearest first */
    private static function near(string $word, string $column): array
    {
        $length = strlen($word);
        if ($length < self::NEAR_FROM || ctype_digit($word)) {
            return [];
        }
        $most = $length >= self::TWO_ERRORS_FROM ? 2 : 1;
        $far = [];
        // Figures come before letters: telephones are not names.
        foreach (DB::table('name_words')->whereNotNull($column)->where('word', '>=', 'a')->distinct()->pluck('word') as $known) {
            $distance = self::distance($word, $known);
            if ($distance <= $most) {
                $far[$known] = $distance;
            }
        }
        asort($far);

        return array_slice(array_keys($far), 0, self::MOST_NEAR);
    }

    /** Errors between a typed word and the beginning of a known one: a letter wrong, missing, too many, or two in each other's place. */
    private static function distance(string $typed, string $known): int
    {
        $length = strlen($typed);
        $least = PHP_INT_MAX;
        foreach ([$length - 1, $length, $length + 1] as $part) {
            $beginning = substr($known, 0, $part);
            $errors = levenshtein($typed, $beginning);
            // Two letters swapped are two replacements to `levenshtein`, and one slip of the fingers.
            if ($errors === 2 && strlen($beginning) === $length && count_chars($typed, 1) === count_chars($beginning, 1)) {
                $errors = 1;
            }
            $least = min($least, $errors);
        }

        return $least;
    }

    /** @return list<array{word: string, dog_id: string|null, client_id: string|null}> */
    private static function rows(string $name, ?string $phone, string $column, string $id): array
    {
        return array_map(
            fn(string $word): array => [...['word' => $word, 'dog_id' => null, 'client_id' => null], $column => $id],
            [...self::words($name), ...self::endings((string) $phone)],
        );
    }

    /** @return list<string> of a telephone number, so that any part of it can begin a search */
    private static function endings(string $phone): array
    {
        $digits = substr((string) preg_replace('/\D/', '', $phone), -15);
        $endings = [];
        for ($from = 0; $from <= strlen($digits) - self::PHONE_DIGITS; $from++) {
            $endings[] = substr($digits, $from);
        }

        return array_values(array_unique($endings));
    }

    /** @return list<string> each once, in plain small letters */
    private static function words(string $text): array
    {
        preg_match_all('/[a-z0-9]+/', mb_strtolower(Str::ascii($text)), $found);

        return array_values(array_unique(array_map(fn(string $word): string => mb_substr($word, 0, 40), $found[0])));
    }
}

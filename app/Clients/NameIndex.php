<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Client;
use App\Models\Dog;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Names by the beginnings of their words, so that a search among many clients reads few rows.
 *
 * A projection of the cards: written with them, made anew by `visits:rebuild`.
 */
final class NameIndex
{
    private const ROWS_AT_ONCE = 500;

    public function putDog(Dog $dog): void
    {
        DB::table('name_words')->where('dog_id', $dog->id)->delete();
        DB::table('name_words')->insert(self::rows($dog->name.' '.$dog->client->name, 'dog_id', $dog->id));
    }

    public function putClient(Client $client): void
    {
        DB::table('name_words')->where('client_id', $client->id)->delete();
        DB::table('name_words')->insert(self::rows($client->name, 'client_id', $client->id));
        $client->dogs()->with('client')->each($this->putDog(...));
    }

    public function rebuild(): void
    {
        DB::table('name_words')->delete();
        $dogs = DB::table('dogs')
            ->join('clients', 'clients.id', '=', 'dogs.client_id')
            ->select(['dogs.id', 'dogs.name', 'clients.name as client_name']);
        foreach ($dogs->lazyById(self::ROWS_AT_ONCE, 'dogs.id', 'id')->chunk(self::ROWS_AT_ONCE) as $some) {
            DB::table('name_words')->insert($some->flatMap(fn(\stdClass $dog): array => self::rows(
                "{$dog->name} {$dog->client_name}",
                'dog_id',
                $dog->id,
            ))->all());
        }
        foreach (DB::table('clients')->select(['id', 'name'])->lazyById(self::ROWS_AT_ONCE)->chunk(self::ROWS_AT_ONCE) as $some) {
            DB::table('name_words')->insert(
                $some->flatMap(fn(\stdClass $client): array => self::rows($client->name, 'client_id', $client->id))->all(),
            );
        }
    }

    /**
     * Only those in whose names every word of the text begins some word.
     *
     * @template M of \Illuminate\Database\Eloquent\Model
     *
     * @param Builder<M> $query of dogs or of clients
     * @param string $column `dog_id` or `client_id`
     */
    public static function narrow(Builder $query, string $column, string $text): void
    {
        foreach (self::words($text) as $word) {
            // `~` comes after every letter and figure.
            $query->whereIn(
                'id',
                fn($words) => $words->from('name_words')
                    ->whereNotNull($column)
                    ->where('word', '>=', $word)
                    ->where('word', '<', "{$word}~")
                    ->select($column),
            );
        }
    }

    /** @return list<array{word: string, dog_id: string|null, client_id: string|null}> */
    private static function rows(string $name, string $column, string $id): array
    {
        return array_map(
            fn(string $word): array => [...['word' => $word, 'dog_id' => null, 'client_id' => null], $column => $id],
            self::words($name),
        );
    }

    /** @return list<string> each once, in plain small letters */
    private static function words(string $text): array
    {
        preg_match_all('/[a-z0-9]+/', mb_strtolower(Str::ascii($text)), $found);

        return array_values(array_unique(array_map(fn(string $word): string => mb_substr($word, 0, 40), $found[0])));
    }
}

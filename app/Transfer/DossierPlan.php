<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Client;
use App\Models\Dog;
use App\Models\StoredMark;
use App\Models\Visit;
use Illuminate\Support\Facades\DB;

/** What reading a dossier would do here, told before anything is done: what is new, what is known, and where two records differ. */
final readonly class DossierPlan
{
    /**
     * @param Dog|null $dog the same dog, where it is known here
     * @param list<string> $cardDiffers fields of the card in which the dossier says something else
     * @param list<array{id: string, name: string, phone: string|null}> $clients who could be the same client, where the dog is new
     * @param list<string> $new ids of visits that are not here
     * @param list<string> $known ids of visits that are here just so
     * @param list<string> $differing ids of visits that are here with other marks: they stay as they are
     */
    private function __construct(
        public ?Dog $dog,
        public array $cardDiffers,
        public array $clients,
        public array $new,
        public array $known,
        public array $differing,
    ) {}

    /** @throws DossierRefused where it cannot be read whole */
    public static function of(\stdClass $says): self
    {
        $dog = Dog::query()->with('client')->whereKey($says->dog->id)->first();
        [$new, $known, $differing] = [[], [], []];
        foreach ($says->visits as $visit) {
            $here = Visit::query()->whereKey($visit->id)->first();
            if ($here !== null && $here->dog_id !== $says->dog->id) {
                throw DossierRefused::ofAnotherDog($visit->id);
            }
            $marks = array_column($visit->marks, 'id');
            $stored = StoredMark::query()->where('visit_id', $visit->id)->orderBy('number')->pluck('id')->all();
            match (true) {
                $here === null => $new[] = $visit->id,
                $stored === $marks => $known[] = $visit->id,
                default => $differing[] = $visit->id,
            };
            if ($here === null) {
                self::refuseTaken('marks', $marks);
                self::refuseTaken('shown_plans', array_column($visit->shownPlans, 'id'));
            }
        }

        return $dog === null
            ? new self(null, [], self::clients($says), $new, $known, $differing)
            : new self($dog, self::differences($dog, $says->dog), [], $new, $known, $differing);
    }

    /** @param list<string> $ids */
    private static function refuseTaken(string $table, array $ids): void
    {
        foreach (array_chunk($ids, 500) as $some) {
            $taken = DB::table($table)->whereIn('id', $some)->value('id');
            if ($taken !== null) {
                throw DossierRefused::ofAnotherDog((string) $taken);
            }
        }
    }

    /** @return list<string> */
    private static function differences(Dog $dog, \stdClass $says): array
    {
        $here = DossierWriter::card($dog);

        return array_values(array_filter(
            array_keys(Dog::FIELDS),
            fn(string $field): bool => json_encode($here[$field]) !== json_encode($says->{$field} ?? null),
        ));
    }

    /** @return list<array{id: string, name: string, phone: string|null}> */
    private static function clients(\stdClass $says): array
    {
        $digits = fn(?string $phone): string => substr((string) preg_replace('/\D/', '', (string) $phone), -7);
        $ending = $digits($says->client->phone);
        $same = Client::query()
            ->whereKey($says->client->id)
            ->orWhere('name', $says->client->name)
            ->when(strlen($ending) === 7, fn($query) => $query->orWhere('phone', 'like', '%'.substr($ending, -2)))
            ->orderBy('name')
            ->get()
            ->filter(fn(Client $client): bool => $client->id === $says->client->id
                || $client->name === $says->client->name
                || $digits($client->phone) === $ending)
            ->sortByDesc(fn(Client $client): bool => $client->id === $says->client->id);

        return array_values($same->map(fn(Client $client): array => [
            'id' => $client->id,
            'name' => $client->name,
            'phone' => $client->phone,
        ])->all());
    }
}

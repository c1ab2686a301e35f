<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class DogsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_dogs_are_found_by_their_name_or_their_clients(): void
    {
        $dulse = Dog::factory()->create(['name' => 'Dulse']);
        $rook = Dog::factory()->for(Client::factory()->state(['name' => 'Jonas Pereira']))->create(['name' => 'Rook']);

        $byDog = $this->getJson('/api/dogs?search=dul')->assertOk();
        Contract::holds('get', '/api/dogs', $byDog);
        self::assertSame([$dulse->id], array_column($byDog->json('dogs'), 'id'));
        self::assertSame([$rook->id], array_column($this->getJson('/api/dogs?search=pereira')->json('dogs'), 'id'));
        self::assertCount(2, $this->getJson('/api/dogs')->json('dogs'));
    }

    public function test_what_was_typed_is_never_read_as_a_wildcard(): void
    {
        Dog::factory()->create(['name' => 'Dulse']);

        self::assertSame([], $this->getJson('/api/dogs?search='.urlencode('D_lze'))->json('dogs'));
    }

    public function test_a_long_list_comes_in_pages(): void
    {
        Dog::factory()->for(Client::factory())->count(21)->sequence(fn($at): array => ['name' => "Dog {$at->index}"])->create();

        $first = $this->getJson('/api/dogs?search=dog')->assertJsonPath('nextPage', 2);
        self::assertCount(20, $first->json('dogs'));
        self::assertCount(1, $this->getJson('/api/dogs?search=dog&page=2')->assertJsonPath('nextPage', null)->json('dogs'));
    }

    public function test_a_new_dog_with_a_new_client_is_one_dog_however_often_it_is_sent(): void
    {
        $dog = $this->newDog();

        $answer = $this->postJson('/api/dogs', $dog)
            ->assertCreated()
            ->assertJsonPath('client.name', 'Kaspar Wrenfield')
            ->assertJsonPath('openVisitId', null);
        Contract::holds('post', '/api/dogs', $answer);
        $this->postJson('/api/dogs', $dog)->assertCreated();

        self::assertSame([1, 1], [Dog::query()->count(), Client::query()->count()]);
    }

    public function test_a_second_dog_of_a_known_client_makes_no_second_client(): void
    {
        $client = Client::factory()->create();
        $dog = ['clientId' => $client->id] + $this->newDog();
        unset($dog['client']);

        $this->postJson('/api/dogs', $dog)->assertCreated()->assertJsonPath('client.id', $client->id);
        self::assertSame(1, Client::query()->count());
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_field_is_named_and_nothing_is_made(string $field, array $change): void
    {
        $answer = $this->postJson('/api/dogs', array_replace($this->newDog(), $change))->assertStatus(422);

        self::assertArrayHasKey($field, $answer->json('fields'));
        Contract::holds('post', '/api/dogs', $answer);
        self::assertSame([0, 0], [Dog::query()->count(), Client::query()->count()]);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'no name' => ['name', ['name' => '']];
        yield 'a coat nobody knows' => ['coat', ['coat' => 'fluffy']];
        yield 'a weight no dog has' => ['weightKg', ['weightKg' => 500]];
        yield 'a birthday to come' => ['bornOn', ['bornOn' => '2999-01-01']];
        yield 'nobody brings it' => ['client.name', ['client' => ['phone' => '1']]];
        yield 'a length for no section' => ['sectionMm', ['sectionMm' => ['wing' => 20]]];
        yield 'a temperament nobody knows' => ['temperament', ['temperament' => 'sad']];
    }

    public function test_changing_a_card_changes_no_visit_that_has_begun(): void
    {
        $dog = Dog::factory()->create(['weight_kg' => 24, 'temperament' => 'wriggly']);
        $visit = $this->arrive($dog);

        $answer = $this->patchJson("/api/dogs/{$dog->id}", ['temperament' => 'settled', 'mind' => null])
            ->assertOk()
            ->assertJsonPath('temperament', 'settled');
        Contract::holds('patch', '/api/dogs/{dog}', $answer);

        $this->getJson("/api/visits/{$visit->id}")
            ->assertJsonPath('dog.temperament', 'wriggly')
            ->assertJsonPath('summary.tolerance.minutes', 21);
        $this->getJson("/api/dogs/{$dog->id}")->assertJsonPath('openVisitId', $visit->id);
    }

    public function test_a_change_that_makes_no_sense_is_named(): void
    {
        $dog = Dog::factory()->create();

        Contract::holds('patch', '/api/dogs/{dog}', $this->patchJson("/api/dogs/{$dog->id}", ['coatMm' => 0])->assertStatus(422));
        Contract::holds('get', '/api/dogs/{dog}', $this->getJson('/api/dogs/01J00000000000000000000000')->assertNotFound());
        Contract::holds('get', '/api/dogs/{dog}', $this->getJson("/api/dogs/{$dog->id}")->assertOk());
    }

    public function test_clients_are_found_by_name(): void
    {
        Client::factory()->create(['name' => 'Edda Brandt']);
        Client::factory()->create(['name' => 'Tormod Aske']);

        $answer = $this->getJson('/api/clients?search=brandt')->assertOk()->assertJsonCount(1, 'clients');
        Contract::holds('get', '/api/clients', $answer);
        Contract::holds('get', '/api/clients', $this->getJson('/api/clients?page=0')->assertStatus(422));
    }

    /** @return array<string, mixed> */
    private function newDog(): array
    {
        return [
            'id' => (string) Str::ulid(), 'client' => [
                'name' => 'Kaspar Wrenfield',
                'phone' => '0555 0163',
            ], 'name' => 'Bosun', 'breed' => 'Portuguese Water Dog',
            'sex' => 'male', 'entire' => true, 'bornOn' => '2022-03-01', 'coat' => 'curly', 'coatMm' => 25, 'weightKg' => 22, 'temperament' => 'settled', 'health' => [],
        ];
    }
}

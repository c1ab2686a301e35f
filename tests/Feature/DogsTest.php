<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
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

    #[TestWith(['Dusle'], 'two letters swapped')]
    #[TestWith(['Dulsee'], 'a letter too many')]
    #[TestWith(['dule'], 'a letter missing')]
    #[TestWith(['dilse'], 'a letter wrong')]
    #[TestWith(['lindkvist'], 'of the client')]
    #[TestWith(['lyndkvist'], 'a long name, wrong in two places')]
    #[TestWith(['dulze lind'], 'beside a word that is right')]
    public function test_typing_errors_are_forgiven_where_nobody_is_called_that(string $typed): void
    {
        $dulse = Dog::factory()->for(Client::factory()->state(['name' => 'Hester Lindqvist']))->create(['name' => 'Dulse']);
        Dog::factory()->for(Client::factory()->state(['name' => 'Jonas Pereira']))->create(['name' => 'Rook']);

        $answer = $this->getJson('/api/dogs?search='.urlencode($typed))->assertOk()->assertJsonPath('forgiven', true);

        self::assertSame([$dulse->id], array_column($answer->json('dogs'), 'id'));
    }

    #[TestWith(['dulls'], 'somebody is called nearly that, and somebody exactly')]
    #[TestWith(['rok'], 'three letters are near everything')]
    #[TestWith(['sundial'], 'nobody is called anything like it')]
    public function test_what_is_right_or_far_off_is_not_forgiven(string $typed): void
    {
        Dog::factory()->create(['name' => 'Dulse']);
        Dog::factory()->create(['name' => 'Dulls']);
        Dog::factory()->create(['name' => 'Rook']);

        $answer = $this->getJson("/api/dogs?search={$typed}")->assertJsonPath('forgiven', false);

        self::assertSame($typed === 'dulls' ? ['Dulls'] : [], array_column($answer->json('dogs'), 'name'));
    }

    #[TestWith(['0131'])]
    #[TestWith(['0555 0131'])]
    #[TestWith(['555-0131'])]
    #[TestWith(['05550131'])]
    public function test_a_dog_is_found_by_any_part_of_its_clients_telephone_number(string $typed): void
    {
        $dulse = Dog::factory()->for(Client::factory()->state(['phone' => '0555 0131']))->create(['name' => 'Dulse']);
        Dog::factory()->for(Client::factory()->state(['phone' => '0555 0142']))->create(['name' => 'Moss']);
        $found = fn(string $path): array => array_column($this->getJson("/api/{$path}?search=".urlencode($typed))->json($path), 'id');

        self::assertSame([[$dulse->id], [$dulse->client_id]], [$found('dogs'), $found('clients')]);
        $dulse->client->update(['phone' => '0555 9999']);
        self::assertSame([], $found('dogs'), 'a number that is no more finds nobody');
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

    public function test_the_usual_coat_of_a_breed_is_known_once_and_spitz_types_are_told_apart(): void
    {
        $answer = $this->getJson('/api/usual-coats')->assertOk();
        Contract::holds('get', '/api/usual-coats', $answer);
        $breeds = array_column($answer->json('breeds'), null, 'breed');

        self::assertCount(count($answer->json('breeds')), $breeds, 'no breed twice');
        self::assertSame(['double', true], [$breeds['samoyed']['coat'], $breeds['samoyed']['primitive']]);
        self::assertSame(['double', false], [$breeds['bearded_collie']['coat'], $breeds['bearded_collie']['primitive']]);
        foreach (['en', 'de'] as $language) {
            $names = json_decode((string) file_get_contents(lang_path("{$language}/breeds.json")), true)['breeds']['names'];
            self::assertEqualsCanonicalizing(array_keys($breeds), array_keys($names), 'each breed has its name');
        }
        foreach ($breeds as $one) {
            self::assertTrue(! $one['primitive'] || $one['coat'] === 'double', $one['breed']);
        }
    }

    public function test_how_a_dog_is_held_stands_on_its_card_and_is_told_before_the_first_touch(): void
    {
        $dog = Dog::factory()->create();
        $visit = $this->arrive($dog);
        self::assertNull($this->getJson("/api/visits/{$visit->id}")->json('handling.onTheBack'));

        $card = ['onTheBack' => 'learning', 'releaseWord' => 'free', 'chinHold' => false, 'kinks' => 'two, near the tip', 'sectionMm' => ['tail' => 80]];
        $changed = $this->patchJson("/api/dogs/{$dog->id}", $card)->assertOk();
        Contract::holds('patch', '/api/dogs/{dog}', $changed);

        $told = $this->getJson("/api/visits/{$visit->id}")->json('handling');
        self::assertSame(array_diff_key($card, ['sectionMm' => 1]), array_intersect_key($told, $card));
        self::assertSame(['tail' => 80], array_map(intval(...), $changed->json('sectionMm')));
        $this->patchJson("/api/dogs/{$dog->id}", ['onTheBack' => 'always'])->assertStatus(422)->assertJsonStructure(['fields' => ['onTheBack']]);
        $this->patchJson("/api/dogs/{$dog->id}", ['onTheBack' => null, 'chinHold' => null])->assertOk()->assertJsonPath('onTheBack', null);
    }

    public function test_a_dog_is_neutered_on_its_card_and_does_not_change_hands_there(): void
    {
        $dog = Dog::factory()->create(['sex' => 'male', 'entire' => true]);
        $this->patchJson("/api/dogs/{$dog->id}", ['entire' => false])->assertOk()->assertJsonPath('entire', false);

        $other = Dog::factory()->create()->client_id;
        $this->patchJson("/api/dogs/{$dog->id}", ['clientId' => $other])->assertStatus(422)->assertJsonStructure(['fields' => ['clientId']]);
        self::assertNotSame($other, $dog->refresh()->client_id);
    }

    public function test_a_clients_page_tells_dogs_visits_answers_and_messages_and_never_a_live_link(): void
    {
        $dog = Dog::factory()->create();
        $visit = $this->arrive($dog);
        $this->inspect($visit);
        $plan = $this->showPlan($visit);
        $this->postJson("/api/visits/{$visit->id}/client-links", ['planId' => $plan])->assertCreated();
        $no = $this->record($visit, 'answer_given', ['planId' => $plan, 'answer' => 'no', 'via' => 'phone', 'who' => 'Hester']);
        $page = fn(): array => $this->getJson("/api/clients/{$dog->client_id}")->assertOk()->json();
        Contract::holds('get', '/api/clients/{client}', $this->getJson("/api/clients/{$dog->client_id}"));

        self::assertSame(['no', 'Hester', 'phone'], array_values(array_intersect_key($page()['visits'][0]['answer'], ['answer' => 1, 'who' => 1, 'via' => 1])));
        self::assertSame([[$dog->id], 1], [array_column($page()['dogs'], 'id'), count($page()['messages'])]);
        self::assertStringNotContainsString('signature', (string) json_encode($page()));

        $this->record($visit, 'withdrawn', ['markId' => $no]);
        self::assertNull($page()['visits'][0]['answer'], 'a no that was taken back is none');

        $later = $this->showPlan($visit);
        $this->record($visit, 'answer_given', ['planId' => $plan, 'answer' => 'no', 'via' => 'phone', 'who' => 'Hester']);
        self::assertSame('no', $page()['visits'][0]['answer']['answer'], 'a no stands, whichever plan it was to');
        $this->record($visit, 'answer_given', ['planId' => $later, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $this->showPlan($visit);
        self::assertSame('yes', $page()['visits'][0]['answer']['answer'], 'it stays said while another plan waits for its answer');

        $before = DB::table('visits')->get();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($before, DB::table('visits')->get());
    }

    public function test_a_clients_telephone_name_and_consent_to_photos_are_changed_each_by_itself(): void
    {
        $dog = Dog::factory()->create();
        $visit = $this->arrive($dog);
        $change = fn(array $what) => $this->patchJson("/api/clients/{$dog->client_id}", $what);
        self::assertNull($this->getJson("/api/visits/{$visit->id}")->json('dog.client.photosAllowed'));

        $change(['photosAllowed' => false])->assertOk()->assertJsonPath('photosAllowed', false);
        self::assertFalse($this->getJson("/api/visits/{$visit->id}")->json('dog.client.photosAllowed'), 'on every tablet at once');
        $change(['phone' => '0555 7777'])->assertOk()->assertJsonPath('photosAllowed', false);
        $change(['name' => ''])->assertStatus(422)->assertJsonStructure(['fields' => ['name']]);
        self::assertSame('0555 7777', $dog->client->refresh()->phone);
    }
}

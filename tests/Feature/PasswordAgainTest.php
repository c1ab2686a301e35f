<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Salon\QuickChange;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A tablet that the owner left lying does nothing of the owner's for whoever finds it. */
final class PasswordAgainTest extends TestCase
{
    private const ASKED = 'Your password is asked for once more before this is done. It was not given in the last ten minutes.';

    /** @return iterable<string, array{string, string, array<string, mixed>, int}> method, path of the contract, body, status once it is given */
    public static function protectedActs(): iterable
    {
        yield 'a new person' => ['post', '/api/staff', ['name' => 'Finder', 'role' => 'owner', 'password' => 'found-it-on-the-table'], 201];
        yield 'another role' => ['patch', '/api/staff/{staff}', ['role' => 'owner'], 200];
        yield 'a tablet for PINs' => ['put', '/api/quick-change/tablet', ['on' => true], 204];
        yield 'tables' => ['get', '/api/exports/tables', [], 200];
        yield 'everything' => ['get', '/api/exports/everything', [], 200];
        yield 'a dossier' => ['get', '/api/dogs/{dog}/dossier', [], 200];
        yield 'what is kept of a client' => ['get', '/api/clients/{client}/export', [], 200];
        yield 'forgetting' => ['delete', '/api/clients/{client}', [], 204];
        yield 'how long things are kept' => ['put', '/api/retention', ['photosMonths' => 12, 'messagesMonths' => null], 200];
        yield 'a calendar for whoever has its address' => ['post', '/api/calendars/feeds', ['person' => null], 201];
        yield 'house rules' => ['post', '/api/house-rules', ['base' => 1, 'changes' => ['standing.restMinutes' => 12]], 201];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('protectedActs')]
    public function test_ten_minutes_after_it_was_given_the_password_is_asked_for_and_then_it_is_done(string $method, string $path, array $body, int $status): void
    {
        $other = Staff::factory()->create(['name' => 'Nell']);
        $dog = Dog::factory()->create();
        $this->signedIn(Role::Owner);
        $this->travel(601)->seconds();
        $address = strtr($path, ['{staff}' => $other->id, '{dog}' => $dog->id, '{client}' => $dog->client_id]);

        $asked = $this->json($method, $address, $body)->assertStatus(423);
        Contract::holds($method, $path, $asked);
        $asked->assertJsonPath('code', 'password_again')->assertJsonPath('message', self::ASKED);
        self::assertSame([2, 'groomer'], [Staff::query()->count(), $other->refresh()->role->value]);
        self::assertSame(1, HouseRulesVersion::current()->version);
        self::assertNotNull(Client::query()->find($dog->client_id)?->name);

        $given = $this->postJson('/api/session/password-again', ['password' => StaffFactory::PASSWORD])->assertNoContent();
        Contract::holds('post', '/api/session/password-again', $given);
        $this->json($method, $address, $body)->assertStatus($status);
    }

    public function test_signing_in_gives_it_for_ten_minutes_and_no_longer(): void
    {
        $this->signedIn(Role::Owner);
        $this->travel(599)->seconds();
        Contract::holds('get', '/api/session/password-again', $this->getJson('/api/session/password-again')->assertNoContent());
        $this->travel(2)->seconds();
        Contract::holds('get', '/api/session/password-again', $this->getJson('/api/session/password-again')->assertStatus(423));
        // What is only read, and the work at a dog, ask for nothing.
        $this->getJson('/api/staff')->assertOk();
        $this->getJson('/api/day')->assertOk();
        $this->arrive();
    }

    public function test_a_wrong_one_opens_nothing_and_guessing_is_slow_and_told(): void
    {
        $this->signedIn(Role::Owner);
        $this->travel(11)->minutes();
        for ($try = 0; $try < 5; $try++) {
            $wrong = $this->postJson('/api/session/password-again', ['password' => "guess {$try}"])
                ->assertStatus(422)
                ->assertJsonPath('fields.password.0', 'This is not your password now.');
        }
        Contract::holds('post', '/api/session/password-again', $wrong);
        $this->postJson('/api/session/password-again', ['password' => StaffFactory::PASSWORD])->assertStatus(429);
        $this->getJson('/api/exports/tables')->assertStatus(423);
        $this->assertDatabaseHas('house_log', ['kind' => 'sign_in_refused']);
    }

    public function test_by_pin_it_cannot_be_given_and_what_was_given_before_counts_no_more(): void
    {
        $this->signedIn(Role::Owner);
        $this->withSession([QuickChange::SESSION => true]);
        $this->postJson('/api/session/password-again', ['password' => StaffFactory::PASSWORD])->assertForbidden();
    }

    private function signedIn(Role $role): Staff
    {
        $staff = Staff::factory()->create(['name' => 'Imke', 'role' => $role]);
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertOk();

        return $staff;
    }
}

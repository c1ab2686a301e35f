<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SignIn;
use App\Models\Staff;
use Database\Factories\StaffFactory;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class SessionTest extends TestCase
{
    public function test_nobody_is_signed_in_at_first(): void
    {
        $answer = $this->getJson('/api/session')
            ->assertOk()
            ->assertJsonPath('staff', null)
            ->assertJsonPath('salon.name', 'Kittiwake Lane Dog Grooming');
        Contract::holds('get', '/api/session', $answer);
    }

    public function test_name_and_password_sign_in_and_the_session_is_a_new_one(): void
    {
        $staff = Staff::factory()->create(['name' => 'Imke']);
        $this->startSession();
        $before = session()->getId();

        $answer = $this->postJson('/api/session', ['name' => ' Imke ', 'password' => StaffFactory::PASSWORD])
            ->assertOk()
            ->assertJsonPath('staff.name', 'Imke');

        Contract::holds('post', '/api/session', $answer);
        $this->assertAuthenticatedAs($staff);
        self::assertNotSame($before, session()->getId());
    }

    public function test_a_wrong_password_and_an_unknown_name_get_the_same_answer(): void
    {
        Staff::factory()->create(['name' => 'Imke']);

        $wrong = $this->postJson('/api/session', ['name' => 'Imke', 'password' => 'guess']);
        $unknown = $this->postJson('/api/session', ['name' => 'Nobody', 'password' => 'guess']);

        $wrong->assertStatus(422)->assertJsonPath('fields.name.0', 'This name and password do not go together. Check both and try again.');
        self::assertSame($wrong->json(), $unknown->json());
        Contract::holds('post', '/api/session', $wrong);
        $this->assertGuest();
    }

    public function test_somebody_who_left_the_salon_can_neither_sign_in_nor_go_on(): void
    {
        $left = Staff::factory()->create(['active' => false]);
        $this->postJson('/api/session', ['name' => $left->name, 'password' => StaffFactory::PASSWORD])->assertStatus(422);

        $this->actingAs($left)->getJson('/api/day')->assertUnauthorized()->assertJsonPath('code', 'signed_out');
    }

    public function test_guessing_is_slowed_down(): void
    {
        for ($try = 0; $try < 5; $try++) {
            $this->postJson('/api/session', ['name' => 'Imke', 'password' => "guess {$try}"])->assertStatus(422);
        }

        $answer = $this->postJson('/api/session', ['name' => 'Imke', 'password' => 'guess'])->assertStatus(429);
        Contract::holds('post', '/api/session', $answer);
        $this->postJson('/api/session', ['name' => 'Rosalind', 'password' => 'guess'])->assertStatus(422);
    }

    public function test_what_others_type_under_invented_names_keeps_nobody_out_who_knows_the_password(): void
    {
        Staff::factory()->create(['name' => 'Imke']);
        for ($name = 0; $name < 40; $name++) {
            $this->postJson('/api/session', ['name' => "Nobody {$name}", 'password' => 'guess'])->assertStatus(422);
        }

        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertOk();
    }

    public function test_one_name_is_not_guessed_at_from_many_addresses(): void
    {
        Staff::factory()->create(['name' => 'Imke']);
        $guess = fn(int $address): TestResponse => $this->postJson(
            '/api/session',
            ['name' => 'imke ', 'password' => "guess {$address}"],
            ['REMOTE_ADDR' => "10.0.0.{$address}"],
        );
        for ($address = 1; $address <= 30; $address++) {
            $this->serverVariables = ['REMOTE_ADDR' => "10.0.0.{$address}"];
            $guess($address)->assertStatus(422);
        }
        $this->serverVariables = ['REMOTE_ADDR' => '10.0.0.99'];

        $guess(99)->assertStatus(429);
    }

    public function test_whoever_knows_the_password_clears_what_was_tried_where_they_are_and_nowhere_else(): void
    {
        Staff::factory()->create(['name' => 'Imke']);
        $try = function (int $address, string $password): TestResponse {
            $this->serverVariables = ['REMOTE_ADDR' => "10.0.0.{$address}"];

            return $this->postJson('/api/session', ['name' => 'Imke', 'password' => $password]);
        };
        for ($address = 1; $address <= 29; $address++) {
            $try($address, 'guess')->assertStatus(422);
        }
        $try(40, StaffFactory::PASSWORD)->assertOk();
        $this->deleteJson('/api/session');
        $this->app['auth']->forgetGuards();

        $try(41, 'guess')->assertStatus(422);
        $try(42, 'guess')->assertStatus(429);
    }

    public function test_a_name_that_nobody_has_is_looked_at_as_long_as_one_that_somebody_has(): void
    {
        Staff::factory()->create(['name' => 'Imke']);
        Hash::shouldReceive('make')->andReturn('x');
        Hash::shouldReceive('check')->twice()->andReturn(false);

        $this->postJson('/api/session', ['name' => 'Imke', 'password' => 'guess'])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'Nobody', 'password' => 'guess'])->assertStatus(422);
    }

    public function test_letters_as_keys_are_turned_off_per_person_and_stay_off_on_every_tablet(): void
    {
        $staff = Staff::factory()->create(['name' => 'Imke']);
        $other = Staff::factory()->create();

        $answer = $this->actingAs($staff)->patchJson('/api/session', ['letterKeys' => false])->assertOk();
        Contract::holds('patch', '/api/session', $answer);

        $this->patchJson('/api/session', ['letterKeys' => 'no'])->assertStatus(422);
        $this->deleteJson('/api/session')->assertNoContent();
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])
            ->assertJsonPath('staff.letterKeys', false);
        $this->deleteJson('/api/session')->assertNoContent();
        $this->postJson('/api/session', ['name' => $other->name, 'password' => StaffFactory::PASSWORD])
            ->assertJsonPath('staff.letterKeys', true);
    }

    public function test_the_language_of_the_screens_goes_with_the_person_to_every_tablet(): void
    {
        $staff = Staff::factory()->create(['name' => 'Imke']);
        $this->getJson('/api/session')->assertJsonPath('salon.language', 'en')->assertJsonPath('salon.units', 'metric');

        $answer = $this->actingAs($staff)->patchJson('/api/session', ['language' => 'de'])->assertOk();
        Contract::holds('patch', '/api/session', $answer);
        $answer->assertJsonPath('staff.language', 'de')->assertJsonPath('staff.letterKeys', true);

        $this->patchJson('/api/session', ['language' => 'tlh'])->assertStatus(422);
        $this->patchJson('/api/session', [])->assertStatus(422);
        $this->deleteJson('/api/session')->assertNoContent();
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])
            ->assertJsonPath('staff.language', 'de');
    }

    public function test_nobody_who_is_not_signed_in_sets_how_the_screens_work(): void
    {
        $this->patchJson('/api/session', ['letterKeys' => false])->assertUnauthorized();
    }

    public function test_a_request_that_was_under_way_at_the_signing_out_does_not_bring_the_session_back(): void
    {
        Staff::factory()->create(['name' => 'Nell']);
        $this->postJson('/api/session', ['name' => 'Nell', 'password' => StaffFactory::PASSWORD])->assertOk();
        $session = $this->app['session']->driver();
        [$id, $was] = [$session->getId(), $session->all()];
        $this->app['auth']->forgetGuards();
        $this->withCredentials()->withCookie($session->getName(), $id)->deleteJson('/api/session')->assertNoContent();

        // It ends now, and writes the session as it was when it began.
        $session->setId($id);
        $session->replace($was);
        $session->save();
        $session->flush();
        $this->app['auth']->forgetGuards();
        $this->withCredentials()->withCookie($session->getName(), $id)->getJson('/api/session')->assertOk()->assertJsonPath('staff', null);
        $this->app['auth']->forgetGuards();
        $this->withCredentials()->withCookie($session->getName(), $id)->getJson('/api/day')->assertUnauthorized();
    }

    public function test_signing_out_ends_the_session(): void
    {
        $this->signIn();
        $answer = $this->deleteJson('/api/session');

        Contract::holds('delete', '/api/session', $answer);
        $this->assertGuest();
    }

    public function test_whoever_was_ended_elsewhere_gets_a_token_by_which_to_sign_in_again(): void
    {
        Staff::factory()->create(['name' => 'Imke']);
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertOk();
        $before = session()->token();
        // What was under way when she signed out brings the session back; that it has ended is known all the same.
        SignIn::query()->update(['ended_at' => now()]);
        $this->app['auth']->forgetGuards();

        $sent = $this->getJson('/api/session')->assertOk()->assertJsonPath('staff', null)->getCookie('XSRF-TOKEN')?->getValue();
        self::assertSame(40, strlen((string) $sent));
        self::assertNotSame($before, $sent);
        self::assertSame(session()->token(), $sent);
    }

    public function test_without_signing_in_nothing_but_the_session_the_set_up_a_change_by_pin_and_a_signed_link_answers(): void
    {
        foreach (Contract::document()['paths'] as $path => $methods) {
            foreach (array_keys($methods) as $method) {
                if (($path === '/api/session' && $method !== 'delete') || in_array($path, ['/api/set-up', '/api/quick-change', '/api/health'], true)) {
                    continue;
                }
                $address = str_replace(['{dog}', '{visit}', '{link}', '{plan}', '{photo}', '{appointment}', '{feed}', '{import}', '{staff}', '{signIn}', '{client}', '{dossier}'], '01J00000000000000000000000', $path);
                $answer = $this->json($method, $address);
                $isByLink = str_starts_with($path, '/api/answer/') || str_starts_with($path, '/api/home-plan/') || str_starts_with($path, '/api/your-time/')
                    || str_starts_with($path, '/api/visit-sheet/');
                $answer->assertStatus($isByLink ? 403 : 401);
                Contract::holds($method, $path, $answer);
            }
        }
    }

    public function test_every_address_of_the_api_is_described(): void
    {
        $described = array_keys(Contract::document()['paths']);
        $answering = collect(app('router')->getRoutes()->getRoutes())
            ->map(fn($route): string => '/'.$route->uri())
            ->filter(fn(string $uri): bool => str_starts_with($uri, '/api/') && $uri !== '/api/{any}')
            ->unique()
            ->values()
            ->all();

        self::assertEqualsCanonicalizing($described, $answering);
    }

    public function test_an_unknown_address_of_the_api_says_so_and_any_other_opens_the_application(): void
    {
        $this->withoutVite();
        $this->getJson('/api/nothing')->assertNotFound()->assertJsonPath('code', 'not_found');
        $this->get('/visits/somewhere')->assertOk()->assertSee('id="app"', false);
    }

    public function test_every_answer_carries_the_security_headers_and_api_answers_are_never_stored(): void
    {
        $this->withoutVite();
        foreach (['/', '/api/session'] as $address) {
            $headers = $this->get($address)->headers;
            self::assertStringContainsString("default-src 'none'", (string) $headers->get('Content-Security-Policy'));
            self::assertStringNotContainsString('unsafe', (string) $headers->get('Content-Security-Policy'));
            self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        }
        self::assertStringContainsString('no-store', (string) $this->get('/api/session')->headers->get('Cache-Control'));
    }

    public function test_a_failing_query_leaves_nothing_personal_in_the_log(): void
    {
        Log::spy();

        report(new QueryException('sqlite', 'select * from clients where name = ?', ['Hester Lindqvist'], new \PDOException('broken')));

        Log::shouldHaveReceived('error')
            ->once()
            ->withArgs(
                fn(string $message, array $context): bool => ! str_contains($message.json_encode($context), 'Hester')
                && str_contains($context['sql'], 'from clients'),
            );
    }
}

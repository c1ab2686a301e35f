<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use App\Models\SignIn;
use App\Models\Staff;
use App\Salon\QuickChange;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** People change by PIN on the salon's own tablets, and nowhere else. */
final class QuickChangeTest extends TestCase
{
    private const COOKIE = 'hound_check_tablet';

    public function test_an_owner_opens_a_tablet_and_people_change_on_it_by_pin(): void
    {
        $nell = $this->withPin('Nell', '4072');
        $gone = $this->withPin('Gone', '9051');
        $gone->update(['active' => false]);
        Staff::factory()->create(['name' => 'No pin']);
        $tablet = $this->opened();

        $shown = $this->onTablet($tablet)->getJson('/api/quick-change')->assertOk();
        Contract::holds('get', '/api/quick-change', $shown);
        self::assertSame([['id' => $nell->id, 'name' => 'Nell']], $shown->json('people'));
        $this->change($tablet, $gone, '9051')->assertStatus(422);
        $this->assertGuest();
        $changed = $this->change($tablet, $nell, '4072')->assertOk();
        Contract::holds('post', '/api/quick-change', $changed);
        $changed->assertJsonPath('staff.name', 'Nell')->assertJsonPath('salon.quickChange', true)->assertJsonPath('staff.hasPin', true);
        $this->getJson('/api/day')->assertOk();
        self::assertSame($nell->id, LogEntry::query()->where('kind', 'signed_in')->latest('id')->value('staff_id'));
    }

    public function test_whoever_was_here_before_is_signed_out_here(): void
    {
        $imke = Staff::factory()->create(['name' => 'Imke', 'role' => Role::Owner]);
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertOk();
        $this->putJson('/api/quick-change/tablet', ['on' => true])->assertNoContent();
        $this->change($this->tokenOf(), $this->withPin('Nell', '4072'), '4072')->assertOk();
        self::assertNotNull(SignIn::query()->where('staff_id', $imke->id)->value('ended_at'));
        $this->getJson('/api/session')->assertJsonPath('staff.name', 'Nell');
    }

    public function test_on_any_other_device_a_pin_is_worth_nothing_and_no_name_is_told(): void
    {
        $nell = $this->withPin('Nell', '4072');
        $tablet = $this->opened();
        foreach (['', 'guessed', strrev($tablet)] as $token) {
            $this->onTablet($token)->getJson('/api/quick-change')->assertExactJson(['isOn' => false, 'people' => []]);
            Contract::holds('post', '/api/quick-change', $this->change($token, $nell, '4072')->assertForbidden());
        }
        $this->assertGuest();
    }

    public function test_a_tablet_that_was_closed_is_like_any_other_device(): void
    {
        $nell = $this->withPin('Nell', '4072');
        $tablet = $this->opened();
        $this->signIn(Role::Owner);
        Contract::holds('put', '/api/quick-change/tablet', $this->onTablet($tablet)->putJson('/api/quick-change/tablet', ['on' => false])->assertNoContent());
        $this->app['auth']->forgetGuards();
        $this->change($tablet, $nell, '4072')->assertForbidden();
        self::assertSame(['tablet_opened', 'tablet_shut'], LogEntry::query()->where('kind', 'like', 'tablet%')->orderBy('id')->pluck('kind')->all());
    }

    public function test_a_few_wrong_ones_ask_for_the_password_and_the_others_go_on(): void
    {
        [$nell, $teo] = [$this->withPin('Nell', '4072'), $this->withPin('Teo', '6183')];
        $tablet = $this->opened();
        for ($try = 0; $try < 5; $try++) {
            $this->change($tablet, $nell, '0000')->assertUnprocessable()->assertJsonStructure(['fields' => ['pin']]);
        }
        $locked = $this->change($tablet, $nell, '4072')->assertStatus(429);
        Contract::holds('post', '/api/quick-change', $locked);
        self::assertSame('Too many wrong ones. Sign in with the password; by PIN again in 15 minutes.', $locked->json('message'));
        $this->change($tablet, $teo, '6183')->assertOk();
        $this->travel(16)->minutes();
        $this->change($tablet, $nell, '4072')->assertOk();
    }

    public function test_guessing_through_everybody_is_ended_too(): void
    {
        $people = array_map(fn(string $name): Staff => $this->withPin($name, '4072'), ['One', 'Two', 'Three', 'Four']);
        $tablet = $this->opened();
        for ($try = 0; $try < 12; $try++) {
            $this->change($tablet, $people[$try % 3], '0000')->assertUnprocessable();
        }
        $this->change($tablet, $people[3], '4072')->assertStatus(429);
    }

    public function test_one_gives_oneself_a_pin_with_the_password_and_a_new_password_takes_it(): void
    {
        $nell = $this->signIn();
        $this->putJson('/api/session/pin', ['current' => 'wrong', 'pin' => '4072'])->assertUnprocessable()->assertJsonStructure(['fields' => ['current']]);
        Contract::holds('put', '/api/session/pin', $this->putJson('/api/session/pin', ['current' => StaffFactory::PASSWORD, 'pin' => '4072'])->assertNoContent());
        self::assertStringNotContainsString('4072', (string) $nell->refresh()->pin);
        $this->putJson('/api/session/pin', ['current' => StaffFactory::PASSWORD, 'pin' => null])->assertNoContent();
        self::assertNull($nell->refresh()->pin);
        $this->putJson('/api/session/pin', ['current' => StaffFactory::PASSWORD, 'pin' => '4072'])->assertNoContent();
        $this->signIn(Role::Owner);
        $this->patchJson("/api/staff/{$nell->id}", ['password' => 'another-long-one'])->assertOk();
        self::assertNull($nell->refresh()->pin);
        self::assertStringNotContainsString('pin', (string) $this->getJson('/api/staff')->getContent());
    }

    public function test_a_pin_is_for_the_work_at_a_dog_and_opens_nothing_of_the_owners(): void
    {
        $imke = $this->withPin('Imke', '4072');
        $imke->forceFill(['role' => Role::Owner])->save();
        $this->change($this->opened(), $imke, '4072')->assertOk();

        $this->getJson('/api/day')->assertOk();
        $refused = [
            ['get', '/api/staff', []], ['get', '/api/exports/everything', []], ['get', '/api/house-rules', []], ['get', '/api/house-log', []], ['get', '/api/salons', []],
            ['patch', "/api/staff/{$imke->id}", ['password' => 'another-long-one']],
            ['post', '/api/session/password', ['current' => StaffFactory::PASSWORD, 'password' => 'another-long-one']],
            ['put', '/api/session/pin', ['current' => StaffFactory::PASSWORD, 'pin' => '6183']],
        ];
        foreach ($refused as [$method, $path, $body]) {
            self::assertSame(403, $this->json($method, $path, $body)->status(), "{$method} {$path}");
        }
        $this->getJson('/api/staff')->assertJsonPath('message', 'You are signed in by PIN: that is for the work at a dog. Sign in with your password for this.');

        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertOk();
        $this->getJson('/api/staff')->assertOk();
    }

    public function test_the_answer_to_a_pin_says_by_what_one_is_in_and_a_password_says_otherwise(): void
    {
        config(['salon.demo' => false]);
        $frauke = Staff::factory()->create(['name' => 'Frauke', 'pin' => '4072', 'role' => Role::Owner, 'password' => 'combs and pins']);
        $in = $this->change($this->opened(), $frauke, '4072')->assertOk()->assertJsonPath('staff.byPin', true)->assertJsonPath('salon.comparesSalons', false);
        Contract::holds('post', '/api/quick-change', $in);
        $this->getJson('/api/session')->assertJsonPath('staff.byPin', true);
        $this->postJson('/api/session', ['name' => 'Frauke', 'password' => 'combs and pins'])->assertOk()->assertJsonPath('staff.byPin', false);
    }

    public function test_by_pin_nobody_ends_where_others_are_signed_in(): void
    {
        $nell = $this->withPin('Nell', '4072');
        $frauke = Staff::factory()->create(['name' => 'Frauke', 'pin' => '5183', 'role' => Role::Owner]);
        $tablet = $this->opened();
        $this->change($tablet, $nell, '4072')->assertOk();
        $nells = DB::table('sign_ins')->where('staff_id', $nell->id)->value('id');
        $this->flushSession();
        $this->change($tablet, $frauke, '5183')->assertOk();
        $this->deleteJson("/api/sign-ins/{$nells}")->assertNotFound();
        self::assertNull(DB::table('sign_ins')->where('id', $nells)->value('ended_at'));
    }

    public function test_the_log_tells_when_a_tablet_takes_no_more_pins(): void
    {
        $nell = $this->withPin('Nell', '4072');
        $tablet = $this->opened();
        for ($try = 0; $try < 5; $try++) {
            self::assertSame(0, LogEntry::query()->where('kind', 'pin_refused')->count());
            $this->change($tablet, $nell, '0000')->assertUnprocessable();
        }
        $this->change($tablet, $nell, '0000')->assertStatus(429);
        $told = LogEntry::query()->where('kind', 'pin_refused')->sole();
        self::assertSame('Nell', $told->about['name']);
        self::assertStringNotContainsString('0000', (string) json_encode($told->about));
    }

    public function test_only_owners_open_tablets(): void
    {
        $this->signIn(Role::Groomer);
        $this->putJson('/api/quick-change/tablet', ['on' => true])->assertForbidden();
    }

    #[TestWith(['4072', true])]
    #[TestWith(['40721936', true])]
    #[TestWith(['1212', true])]
    #[TestWith(['407', false])]
    #[TestWith(['407219365', false])]
    #[TestWith(['1111', false])]
    #[TestWith(['2345', false])]
    #[TestWith(['9876', false])]
    #[TestWith(['40a2', false])]
    #[TestWith(["4072\n", false])]
    public function test_what_everybody_tries_first_is_no_pin(string $pin, bool $fit): void
    {
        self::assertSame($fit, QuickChange::isFit($pin));
    }

    private function withPin(string $name, string $pin): Staff
    {
        return Staff::factory()->create(['name' => $name, 'pin' => $pin]);
    }

    /** @return string what a tablet holds after an owner opened it; the owner has signed out */
    private function opened(): string
    {
        $this->signIn(Role::Owner);
        $this->putJson('/api/quick-change/tablet', ['on' => true])->assertNoContent();
        $this->app['auth']->forgetGuards();
        $this->flushSession();

        return $this->tokenOf();
    }

    private function tokenOf(): string
    {
        $cookies = array_column(array_map(fn($cookie): array => [$cookie->getName(), $cookie->getValue()], $this->app['cookie']->getQueuedCookies()), 1, 0);

        return (string) $cookies[self::COOKIE];
    }

    private function onTablet(string $token): self
    {
        return $this->withCredentials()->withCookie(self::COOKIE, $token);
    }

    private function change(string $token, Staff $to, string $pin): TestResponse
    {
        return $this->onTablet($token)->postJson('/api/quick-change', ['staffId' => $to->id, 'pin' => $pin]);
    }
}

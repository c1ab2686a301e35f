<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LogEntry;
use App\Models\SignIn;
use App\Models\Staff;
use App\Salon\Browser;
use App\Salon\Done;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Who is signed in where is seen and ended; who did what to the house is told to its owner. */
final class HouseLogTest extends TestCase
{
    public function test_each_device_somebody_is_signed_in_on_is_seen_and_one_that_was_lost_is_ended(): void
    {
        $nell = Staff::factory()->create(['name' => 'Nell']);
        [$tablet, $phone] = [$this->device($nell, 'Mozilla/5.0 (Linux; Android 14) Chrome/130.0 Safari/537.36'), $this->device($nell, 'Mozilla/5.0 (iPhone) Version/17.0 Safari/604.1')];
        $seen = $this->on($tablet)->getJson('/api/sign-ins')->assertOk();
        Contract::holds('get', '/api/sign-ins', $seen);
        self::assertEqualsCanonicalizing([['Chrome, Android', true], ['Safari, iPhone', false]], array_map(fn(array $one): array => [$one['browser'], $one['isHere']], $seen->json('signIns')));

        $lost = array_column($seen->json('signIns'), 'id', 'browser')['Safari, iPhone'];
        Contract::holds('delete', '/api/sign-ins/{signIn}', $this->on($tablet)->deleteJson("/api/sign-ins/{$lost}")->assertNoContent());
        $this->on($phone)->getJson('/api/day')->assertUnauthorized();
        $this->on($tablet)->getJson('/api/day')->assertOk();
        self::assertCount(1, $this->on($tablet)->getJson('/api/sign-ins')->json('signIns'));
    }

    public function test_an_owner_sees_and_ends_everybodys_and_others_their_own_only(): void
    {
        $nell = Staff::factory()->create(['name' => 'Nell']);
        $owner = Staff::factory()->create(['name' => 'Imke', 'role' => Role::Owner]);
        [$hers, $theirs] = [$this->device($nell), $this->device($owner)];
        $ofNell = SignIn::query()->where('staff_id', $nell->id)->value('id');
        $ofOwner = SignIn::query()->where('staff_id', $owner->id)->value('id');

        self::assertSame([$nell->id], array_column($this->on($hers)->getJson('/api/sign-ins')->json('signIns'), 'staffId'));
        Contract::holds('delete', '/api/sign-ins/{signIn}', $this->on($hers)->deleteJson("/api/sign-ins/{$ofOwner}")->assertNotFound());
        self::assertCount(2, $this->on($theirs)->getJson('/api/sign-ins')->json('signIns'));
        $this->on($theirs)->deleteJson("/api/sign-ins/{$ofNell}")->assertNoContent();
        $this->on($hers)->getJson('/api/day')->assertUnauthorized();
        self::assertSame($owner->id, SignIn::query()->findOrFail($ofNell)->ended_by);
    }

    public function test_a_new_password_no_access_and_a_night_leave_nobody_in_the_list(): void
    {
        $owner = Staff::factory()->create(['role' => Role::Owner]);
        $nell = Staff::factory()->create(['name' => 'Nell']);
        $theirs = $this->device($owner);
        $this->device($nell);
        $this->on($theirs)->patchJson("/api/staff/{$nell->id}", ['password' => 'another-long-one'])->assertOk();
        self::assertSame([$owner->id], array_column($this->on($theirs)->getJson('/api/sign-ins')->json('signIns'), 'staffId'));
        $this->travel(13)->hours();
        self::assertSame([], \App\Salon\SignIns::open());
    }

    public function test_it_was_seen_to_five_minutes_without_writing_at_each_request(): void
    {
        $nell = Staff::factory()->create(['name' => 'Nell']);
        $tablet = $this->device($nell);
        $began = SignIn::query()->firstOrFail()->seen_at;
        $this->travel(4)->minutes();
        $this->on($tablet)->getJson('/api/day')->assertOk();
        self::assertTrue(SignIn::query()->firstOrFail()->seen_at->equalTo($began));
        $this->travel(2)->minutes();
        $this->on($tablet)->getJson('/api/day')->assertOk();
        self::assertTrue(SignIn::query()->firstOrFail()->seen_at->greaterThan($began));
    }

    public function test_what_was_done_to_the_house_is_told_with_who_did_it_and_nobody_elses_secrets(): void
    {
        $imke = Staff::factory()->create(['name' => 'Imke', 'role' => Role::Owner]);
        $tablet = $this->device($imke);
        $added = $this->on($tablet)->postJson('/api/staff', ['name' => 'Teo', 'role' => 'groomer', 'password' => 'secret-of-teo'])->json('id');
        $this->on($tablet)->patchJson("/api/staff/{$added}", ['name' => 'Theo', 'active' => false])->assertOk();
        $this->on($tablet)->patchJson("/api/staff/{$added}", ['name' => 'Theo'])->assertOk();
        $this->on($tablet)->patchJson("/api/staff/{$added}", ['password' => 'another-of-theo'])->assertOk();
        $this->on($tablet)->postJson('/api/house-rules', ['base' => 1, 'changes' => ['day.tables' => 3]])->assertCreated();
        $this->on($tablet)->postJson('/api/house-rules', ['base' => 2, 'changes' => ['day.tables' => 3]])->assertCreated();
        $this->on($tablet)->postJson('/api/calendars/feeds', ['person' => null])->assertCreated();

        $log = $this->on($tablet)->getJson('/api/house-log')->assertOk();
        Contract::holds('get', '/api/house-log', $log);
        self::assertSame(
            ['calendar_opened', 'rules_changed', 'password_reset', 'access_ended', 'person_changed', 'person_added', 'signed_in'],
            array_column($log->json('entries'), 'kind'),
        );
        self::assertSame(['name' => 'Theo', 'role' => 'groomer'], $log->json('entries.3.about'));
        self::assertSame(['before' => 'Teo', 'name' => 'Theo', 'role' => 'groomer'], $log->json('entries.4.about'));
        self::assertSame(['Imke'], array_values(array_unique(array_column($log->json('entries'), 'by'))));
        self::assertStringNotContainsString('secret-of', (string) $log->getContent());

        $this->on($this->device(Staff::factory()->create(['name' => 'Nell'])))->getJson('/api/house-log')->assertForbidden();
    }

    public function test_somebody_without_access_who_is_renamed_did_not_lose_it_twice(): void
    {
        $tablet = $this->device(Staff::factory()->create(['name' => 'Imke', 'role' => Role::Owner]));
        $teo = Staff::factory()->create(['name' => 'Teo', 'active' => false]);
        $this->on($tablet)->patchJson("/api/staff/{$teo->id}", ['name' => 'Theo'])->assertOk();
        $this->on($tablet)->patchJson("/api/staff/{$teo->id}", ['active' => true])->assertOk();
        self::assertSame(['access_given', 'person_changed', 'signed_in'], array_column($this->on($tablet)->getJson('/api/house-log')->json('entries'), 'kind'));
    }

    public function test_five_wrong_passwords_are_told_and_what_was_typed_is_not_kept(): void
    {
        Staff::factory()->create(['name' => 'Nell']);
        foreach (['Nell', 'my-secret-as-a-name'] as $name) {
            for ($try = 0; $try < 4; $try++) {
                $this->postJson('/api/session', ['name' => $name, 'password' => 'guess'])->assertUnprocessable();
            }
            self::assertSame(0, LogEntry::query()->where('about->name', $name === 'Nell' ? 'Nell' : '')->count());
            $this->postJson('/api/session', ['name' => $name, 'password' => 'guess'])->assertUnprocessable();
        }
        self::assertSame([['name' => 'Nell'], ['name' => '']], LogEntry::query()->where('kind', 'sign_in_refused')->orderBy('id')->get()->map(fn(LogEntry $one): array => $one->about)->all());
        self::assertStringNotContainsString('my-secret', (string) json_encode(LogEntry::query()->get()));
    }

    public function test_the_log_is_read_by_pages_and_every_kind_is_in_the_contract(): void
    {
        foreach (Done::cases() as $kind) {
            LogEntry::query()->create(['at' => now(), 'kind' => $kind->value, 'staff_id' => null, 'about' => []]);
        }
        for ($more = 0; $more < 40; $more++) {
            LogEntry::query()->create(['at' => now()->subDay(), 'kind' => 'signed_in', 'staff_id' => null, 'about' => []]);
        }
        $this->signIn(Role::Owner);
        $first = $this->getJson('/api/house-log')->assertOk();
        Contract::holds('get', '/api/house-log', $first);
        $second = $this->getJson('/api/house-log?page='.$first->json('nextPage'))->assertOk();
        self::assertSame([50, count(Done::cases()) + 40 - 50, null], [count($first->json('entries')), count($second->json('entries')), $second->json('nextPage')]);
    }

    #[TestWith(['Mozilla/5.0 (Windows NT 10.0) Chrome/130.0 Safari/537.36 Edg/130.0', 'Edge, Windows'])]
    #[TestWith(['Mozilla/5.0 (iPad; CPU OS 17) CriOS/130.0 Safari/604.1', 'Chrome, iPad'])]
    #[TestWith(['Mozilla/5.0 (X11; Linux x86_64; rv:130.0) Gecko Firefox/130.0', 'Firefox, Linux'])]
    #[TestWith(['', ''])]
    public function test_a_device_is_named_by_two_words(string $agent, string $name): void
    {
        self::assertSame($name, Browser::named($agent));
    }

    /** @return string the session of a device that somebody signs in on */
    private function device(Staff $staff, string $agent = 'Mozilla/5.0'): string
    {
        $this->flushSession();
        $this->app['auth']->forgetGuards();
        $this->defaultCookies = [];
        $this->withHeader('User-Agent', $agent)->postJson('/api/session', ['name' => $staff->name, 'password' => StaffFactory::PASSWORD])->assertOk();

        return $this->app['session']->driver()->getId();
    }

    private function on(string $session): self
    {
        $this->app['auth']->forgetGuards();

        return $this->withCredentials()->withCookie($this->app['session']->driver()->getName(), $session);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Staff;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who may sign in is the owner's to say; one's own password is one's own. */
final class PeopleTest extends TestCase
{
    public function test_the_owner_adds_somebody_who_then_signs_in(): void
    {
        $this->signIn(Role::Owner);
        $added = $this->postJson('/api/staff', ['name' => ' Rosalind ', 'role' => 'groomer', 'password' => 'north-pier-brush'])->assertCreated();
        Contract::holds('post', '/api/staff', $added);
        Contract::holds('get', '/api/staff', $this->getJson('/api/staff')->assertOk());
        self::assertStringNotContainsString('north-pier', (string) $this->getJson('/api/staff')->getContent());

        $this->app['auth']->forgetGuards();
        $this->flushSession();
        $this->postJson('/api/session', ['name' => 'Rosalind', 'password' => 'north-pier-brush'])->assertOk()->assertJsonPath('staff.role', 'groomer');
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('odd')]
    public function test_what_cannot_be_is_said_at_its_field_and_changes_nothing(array $body, string $field): void
    {
        $owner = $this->signIn(Role::Owner);
        $this->postJson('/api/staff', ['name' => 'Nell', 'role' => 'groomer', 'password' => 'long-enough-one', ...$body])
            ->assertUnprocessable()->assertJsonStructure(['fields' => [$field]]);
        self::assertSame([$owner->id], Staff::query()->pluck('id')->all());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function odd(): iterable
    {
        yield 'no name' => [['name' => '  '], 'name'];
        yield 'a long name' => [['name' => str_repeat('x', 61)], 'name'];
        yield 'a short password' => [['password' => 'short'], 'password'];
        yield 'no role of ours' => [['role' => 'king'], 'role'];
        yield 'a list for a name' => [['name' => ['Nell']], 'name'];
    }

    public function test_nobody_takes_a_name_that_another_records_under(): void
    {
        $this->signIn(Role::Owner);
        $teo = Staff::factory()->create(['name' => 'Teo', 'active' => false]);
        $this->postJson('/api/staff', ['name' => 'Teo', 'role' => 'groomer', 'password' => 'long-enough-one'])->assertUnprocessable();
        $nell = Staff::factory()->create(['name' => 'Nell']);
        $this->patchJson("/api/staff/{$nell->id}", ['name' => 'Teo'])->assertUnprocessable();
        $this->patchJson("/api/staff/{$teo->id}", ['name' => 'Teo', 'active' => true])->assertOk()->assertJsonPath('active', true);
    }

    public function test_all_of_a_change_is_kept_or_nothing_and_the_last_owner_stays(): void
    {
        $owner = $this->signIn(Role::Owner);
        Staff::factory()->create(['role' => Role::Owner, 'active' => false]);
        foreach ([['role' => 'groomer'], ['active' => false]] as $change) {
            $this->patchJson("/api/staff/{$owner->id}", [...$change, 'name' => 'Somebody', 'password' => 'another-long-one'])
                ->assertUnprocessable()->assertJsonStructure(['fields' => ['role']]);
        }
        $owner->refresh();
        self::assertSame([Role::Owner, true], [$owner->role, $owner->active]);
        self::assertNotSame('Somebody', $owner->name);
        self::assertTrue(Hash::check(StaffFactory::PASSWORD, $owner->getAuthPassword()));

        Staff::factory()->create(['role' => Role::Owner]);
        $this->patchJson("/api/staff/{$owner->id}", ['role' => 'groomer'])->assertOk();
        $this->app['auth']->forgetGuards();
        $this->actingAs($owner->refresh());
        $this->getJson('/api/staff')->assertForbidden();
    }

    public function test_whose_access_ends_or_whose_password_is_set_anew_is_out_at_the_next_request(): void
    {
        $owner = Staff::factory()->create(['role' => Role::Owner]);
        $nell = Staff::factory()->create(['name' => 'Nell']);
        foreach ([['password' => 'set-anew-by-the-owner'], ['active' => false]] as $change) {
            Staff::query()->find($nell->id)->update(['password' => StaffFactory::PASSWORD, 'active' => true]);
            $this->app['auth']->forgetGuards();
            $this->flushSession();
            $this->postJson('/api/session', ['name' => 'Nell', 'password' => StaffFactory::PASSWORD])->assertOk();
            $this->app['auth']->forgetGuards();
            $this->getJson('/api/day')->assertOk();
            $hers = $this->app['session']->all();

            $this->flushSession();
            $this->actingAs($owner);
            $this->patchJson("/api/staff/{$nell->id}", $change)->assertOk();
            $this->app['auth']->forgetGuards();
            $this->flushSession();
            $this->withSession($hers)->getJson('/api/day')->assertUnauthorized();
        }
    }

    public function test_ones_own_password_needs_the_one_before_and_ends_every_session(): void
    {
        $nell = Staff::factory()->create(['name' => 'Nell']);
        $this->postJson('/api/session', ['name' => 'Nell', 'password' => StaffFactory::PASSWORD])->assertOk();
        $this->postJson('/api/session/password', ['current' => 'a-guess-of-somebody', 'password' => 'a-better-long-one'])
            ->assertUnprocessable()->assertJsonStructure(['fields' => ['current']]);
        $this->postJson('/api/session/password', ['current' => StaffFactory::PASSWORD, 'password' => 'short'])->assertUnprocessable();
        $changed = $this->postJson('/api/session/password', ['current' => StaffFactory::PASSWORD, 'password' => 'a-better-long-one'])->assertNoContent();
        Contract::holds('post', '/api/session/password', $changed);
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/day')->assertUnauthorized();
        self::assertTrue(Hash::check('a-better-long-one', $nell->refresh()->getAuthPassword()));
        $this->postJson('/api/session', ['name' => 'Nell', 'password' => 'a-better-long-one'])->assertOk();
        for ($try = 0; $try < 3; $try++) {
            $last = $this->postJson('/api/session/password', ['current' => "a-guess-{$try}", 'password' => 'whatever-is-long']);
        }
        $last->assertTooManyRequests();
    }

    public function test_a_groomer_changes_nobody(): void
    {
        $other = Staff::factory()->create();
        $this->signIn(Role::Groomer);
        $this->patchJson("/api/staff/{$other->id}", ['password' => 'taken-over-by-me'])->assertForbidden();
        $this->postJson('/api/staff', ['name' => 'Nell', 'role' => 'owner', 'password' => 'long-enough-one'])->assertForbidden();
    }

    public function test_an_answer_that_nobody_is_signed_in_leaves_the_cookies_alone(): void
    {
        // It may arrive after somebody has signed in at that tablet.
        self::assertSame([], $this->getJson('/api/day')->assertUnauthorized()->headers->getCookies());
        self::assertNotSame([], $this->getJson('/api/session')->assertOk()->headers->getCookies());
    }
}

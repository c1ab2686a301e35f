<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HouseRulesVersion;
use App\Models\SalonVersion;
use App\Models\Staff;
use App\Salon\SalonBook;
use App\Salon\SetUp;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** An empty installation becomes somebody's salon, once, by whoever has its key; and says later what it is. */
final class SetUpTest extends TestCase
{
    private const SALON = [
        'name' => 'Saltby Grooming', 'country' => 'US', 'timeZone' => 'America/Boise', 'currency' => 'USD', 'language' => 'en',
        'units' => 'imperial', 'firstWeekday' => 7, 'phone' => '0555 0100', 'vetPhone' => null,
    ];

    public function test_whoever_has_the_key_opens_the_salon_and_is_its_owner(): void
    {
        $this->getJson('/api/session')->assertJsonPath('salon.isNew', true);
        Contract::holds('get', '/api/set-up', $this->getJson('/api/set-up')->assertOk());

        $opened = $this->opened(['rules' => ['day.tables' => 3, 'kit.bladesMm' => [1.5, 3.2, 9.5], 'prices.baseCents.to_5' => 5100]]);

        Contract::holds('post', '/api/set-up', $opened->assertCreated());
        $opened->assertJsonPath('staff.role', 'owner')->assertJsonPath('salon', [
            ...$opened->json('salon'),
            'name' => 'Saltby Grooming', 'timezone' => 'America/Boise', 'currency' => 'USD', 'units' => 'imperial', 'firstWeekday' => 7, 'isNew' => false,
        ]);
        $rules = HouseRulesVersion::current()->toCore();
        self::assertSame([3, [1.5, 3.2, 9.5], 5100], [$rules->day->tables, $rules->kit->bladesMm, $rules->prices->baseFor(4.0)]);
        $this->getJson('/api/day')->assertOk();
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        $this->postJson('/api/session', ['name' => 'Nell', 'password' => 'north-pier-brush'])->assertOk();
    }

    public function test_a_salon_that_is_open_is_not_opened_again(): void
    {
        $this->opened()->assertCreated();
        $key = SetUp::key();
        $this->getJson('/api/set-up')->assertConflict();
        Contract::holds('post', '/api/set-up', $this->opened(['key' => $key, 'owner' => ['name' => 'Mallory', 'password' => 'let-me-in-please']])->assertConflict());
        self::assertSame(['Nell'], Staff::query()->pluck('name')->all());
    }

    public function test_a_key_is_needed_and_opens_once_and_only_the_latest(): void
    {
        $earlier = SetUp::key();
        $this->opened(['key' => $earlier.'x'])->assertUnprocessable()->assertJsonStructure(['fields' => ['key']]);
        $this->opened(['key' => ''])->assertUnprocessable()->assertJsonStructure(['fields' => ['key']]);
        $latest = SetUp::key();
        $this->opened(['key' => $earlier])->assertUnprocessable();
        $this->opened(['key' => $latest])->assertCreated();
        Staff::query()->update(['active' => false]);
        self::assertFalse(SetUp::fits($latest));
        self::assertFalse(SetUp::fits(''));
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('odd')]
    public function test_what_cannot_be_is_said_at_its_field_and_nothing_of_it_is_kept(array $body, string $field): void
    {
        $answer = $this->opened($body)->assertUnprocessable();
        Contract::holds('post', '/api/set-up', $answer);
        self::assertContains($field, array_keys($answer->json('fields')));
        self::assertSame([0, 0, 0], [Staff::query()->count(), SalonVersion::query()->count(), HouseRulesVersion::query()->where('version', '>', 1)->count()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function odd(): iterable
    {
        yield 'no name' => [['salon' => ['name' => ' '] + self::SALON], 'salon.name'];
        yield 'a zone that is none' => [['salon' => ['timeZone' => 'Saltby/Quay'] + self::SALON], 'salon.timeZone'];
        yield 'a currency that is none' => [['salon' => ['currency' => 'XYZ'] + self::SALON], 'salon.currency'];
        yield 'an eighth day' => [['salon' => ['firstWeekday' => 8] + self::SALON], 'salon.firstWeekday'];
        yield 'a list for a name' => [['salon' => ['name' => ['a']] + self::SALON], 'salon.name'];
        yield 'something more' => [['salon' => self::SALON + ['demo' => true]], 'salon'];
        yield 'no owner' => [['owner' => ['name' => '', 'password' => 'north-pier-brush']], 'owner.name'];
        yield 'a short password' => [['owner' => ['name' => 'Nell', 'password' => 'short']], 'owner.password'];
        yield 'no table' => [['rules' => ['day.tables' => 0]], 'day.tables'];
        yield 'no blade' => [['rules' => ['kit.bladesMm' => []]], 'kit.bladesMm'];
        yield 'no rule of ours' => [['rules' => ['day.tubes' => 2]], 'day.tubes'];
    }

    public function test_the_computer_shows_a_key_while_the_salon_is_empty_and_never_for_the_demo(): void
    {
        $this->artisan('salon:open', ['--address' => 'http://salon.test/'])
            ->expectsOutputToContain('http://salon.test/set-up?key=')->assertSuccessful();
        $this->opened()->assertCreated();
        $this->artisan('salon:open')->doesntExpectOutputToContain('key=')->assertSuccessful();
    }

    public function test_demo_and_own_salon_never_mix(): void
    {
        $this->opened(['owner' => ['name' => 'Imke', 'password' => 'north-pier-brush']])->assertCreated();
        self::assertSame(1, Artisan::call('demo:fill'));
        self::assertSame(1, Artisan::call('demo:fill', ['--is-demo' => true]));
        self::assertSame(['Imke'], Staff::query()->pluck('name')->all());
        // A database of an earlier version does not say what it is: whoever works there does.
        Schema::drop('salon_versions');
        self::assertSame(0, Artisan::call('demo:fill', ['--is-demo' => true]));
        Staff::factory()->create(['name' => 'Nell']);
        self::assertSame(1, Artisan::call('demo:fill', ['--is-demo' => true]));
    }

    public function test_a_salon_of_ones_own_has_no_stand_in_for_its_clients_phones(): void
    {
        $this->opened()->assertCreated();
        // Whatever the settings of the process say: a salon of one's own has no stand-in for its clients' phones.
        config(['salon.demo' => true]);
        app(SalonBook::class)->apply();
        self::assertFalse(config('salon.demo'));
    }

    public function test_the_owner_says_later_what_changed_and_what_was_said_before_stays(): void
    {
        $owner = $this->signIn(Role::Owner);
        Contract::holds('get', '/api/salon', $this->getJson('/api/salon')->assertOk()->assertJsonPath('version', 0));

        $kept = $this->putJson('/api/salon', ['base' => 0, 'salon' => self::SALON])->assertOk();
        Contract::holds('put', '/api/salon', $kept->assertJsonPath('version', 1)->assertJsonPath('by', $owner->name));
        $this->getJson('/api/session')->assertJsonPath('salon.timezone', 'America/Boise');
        // The same again is no new version; an older base is told, not overwritten.
        $this->putJson('/api/salon', ['base' => 1, 'salon' => self::SALON])->assertJsonPath('version', 1);
        $this->putJson('/api/salon', ['base' => 0, 'salon' => ['name' => 'Mine'] + self::SALON])->assertConflict();
        $this->putJson('/api/salon', ['base' => 1, 'salon' => ['vetPhone' => '0555 0199'] + self::SALON])->assertJsonPath('version', 2);
        self::assertSame([null, '0555 0199'], SalonVersion::query()->orderBy('version')->get()->map(fn(SalonVersion $one): ?string => $one->says['vetPhone'])->all());

        // The next process reads it from the database, whatever its own settings are.
        config(['salon.timezone' => 'UTC', 'salon.vet_phone' => null, 'salon.name' => 'Hound Check']);
        app(SalonBook::class)->apply();
        self::assertSame(['America/Boise', '0555 0199', 'Saltby Grooming'], [config('salon.timezone'), config('salon.vet_phone'), config('salon.name')]);

        $this->signIn(Role::Groomer);
        $this->getJson('/api/salon')->assertForbidden();
        $this->putJson('/api/salon', ['base' => 2, 'salon' => self::SALON])->assertForbidden();
    }

    /** @param array<string, mixed> $with */
    private function opened(array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/set-up', [
            'key' => $with['key'] ?? SetUp::key(), 'salon' => self::SALON, 'owner' => ['name' => 'Nell', 'password' => 'north-pier-brush'], 'rules' => [],
            ...$with,
        ]);
    }
}

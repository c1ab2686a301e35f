<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Words\Words;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Role;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class HouseRulesTest extends TestCase
{
    private Staff $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = $this->signIn(Role::Owner);
    }

    public function test_the_owner_reads_every_rule_with_its_range_and_its_starting_value(): void
    {
        $rules = $this->getJson('/api/house-rules')->assertOk();

        Contract::holds('get', '/api/house-rules', $rules);
        self::assertEquals(
            [1, 30, 30],
            [$rules->json('version'), $rules->json('values')['tolerance.baseMinutes'], $rules->json('start')['tolerance.baseMinutes']],
        );
        $layer = collect($rules->json('fields'))->firstWhere('path', 'effort.layerMm');
        self::assertEquals(
            ['path' => 'effort.layerMm', 'kind' => 'number', 'unit' => 'mm', 'least' => 5, 'most' => 40, 'options' => []],
            $layer,
        );
    }

    public function test_a_change_is_a_new_version_that_says_who_when_and_what(): void
    {
        $saved = $this->change(1, ['effort.layerMm' => 12, 'kit.bladesMm' => [3.2, 1.5]], 'Finer layers')
            ->assertCreated()
            ->assertJsonPath('version', 2)
            ->assertJsonPath('by', $this->owner->name);
        Contract::holds('post', '/api/house-rules', $saved);

        $history = $this->getJson('/api/house-rules/versions')->assertOk();
        Contract::holds('get', '/api/house-rules/versions', $history);
        self::assertSame(['Finer layers', $this->owner->name], [$history->json('versions.0.note'), $history->json('versions.0.by')]);
        self::assertEquals([
            ['path' => 'kit.bladesMm', 'before' => [1.5, 3.2, 6.3, 9.5, 13], 'after' => [1.5, 3.2]],
            ['path' => 'effort.layerMm', 'before' => 15, 'after' => 12],
        ], $history->json('versions.0.changes'));
        self::assertSame([], $history->json('versions.1.changes'));
    }

    public function test_a_visit_keeps_the_rules_it_began_with_and_the_next_one_takes_the_new(): void
    {
        $before = $this->arrive();
        $this->inspect($before);
        $minutes = $this->getJson("/api/visits/{$before->id}/plan")->json('totals.minutes');
        $this->change(1, ['effort.combCheckFactor' => 2.4])->assertCreated();
        $this->record($before, 'note_written', ['text' => 'Worked out anew']);
        self::assertSame($minutes, $this->getJson("/api/visits/{$before->id}/plan")->json('totals.minutes'));

        $this->record($before, 'handed_over', ['skippedBecause' => 'On paper']);
        $this->travel(1)->day();
        $after = $this->arrive($before->dog);
        $this->inspect($after);
        self::assertEqualsWithDelta(2 * $minutes, $this->getJson("/api/visits/{$after->id}/plan")->json('totals.minutes'), 1e-9);
    }

    public function test_an_earlier_version_is_put_back_as_a_new_one(): void
    {
        $this->change(1, ['effort.layerMm' => 12]);
        $this->change(2, ['tolerance.baseMinutes' => 25]);

        $this->postJson('/api/house-rules', ['base' => 3, 'putBack' => 1])
            ->assertCreated()
            ->assertJsonPath('version', 4)
            ->assertJsonPath('note', null)
            ->assertJsonPath('putBack', 1);
        self::assertEquals(HouseRulesVersion::query()->findOrFail(1)->rules, HouseRulesVersion::current()->rules);
        self::assertSame(4, HouseRulesVersion::query()->count());
    }

    public function test_saving_what_stands_there_already_writes_no_version(): void
    {
        $this->change(1, ['effort.layerMm' => 15])->assertCreated()->assertJsonPath('version', 1);
    }

    public function test_what_somebody_else_changed_in_the_meantime_is_not_overwritten(): void
    {
        $this->change(1, ['effort.layerMm' => 12]);

        $late = $this->change(1, ['effort.layerMm' => 18])->assertConflict();
        Contract::holds('post', '/api/house-rules', $late);
        self::assertStringStartsWith("{$this->owner->name} changed the house rules", $late->json('message'));
        self::assertEquals(12, HouseRulesVersion::current()->toCore()->effort->layerMm);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('slips')]
    public function test_a_slip_says_at_its_field_what_to_put_there(string $path, array $changes, string $says): void
    {
        $answer = $this->change(1, $changes)->assertUnprocessable();

        Contract::holds('post', '/api/house-rules', $answer);
        self::assertSame([$says], $answer->json('fields')[$path]);
        self::assertSame(1, HouseRulesVersion::current()->version);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function slips(): iterable
    {
        yield 'too much' => ['effort.layerMm', ['effort.layerMm' => 150], 'Give a number from 5 to 40 mm.'];
        yield 'a fraction of a range' => ['plan.shortestClipMm', ['plan.shortestClipMm' => 0.5], 'Give a number from 1.5 to 13 mm.'];
        yield 'no number' => ['effort.layerMm', ['effort.layerMm' => 'thick'], 'Give a number.'];
        yield 'no blade' => ['kit.bladesMm', ['kit.bladesMm' => []], 'At least one blade must be as long as the shortest that is planned.'];
        yield 'half a route' => ['schools.ownRoute', ['schools.route' => 'own', 'schools.ownRoute' => ['tail']], 'Your own order needs all 30 sections, each once.'];
    }

    public function test_a_request_that_says_nothing_or_two_things_is_sent_back(): void
    {
        $this->postJson('/api/house-rules', ['base' => 1])->assertUnprocessable();
        $this->postJson('/api/house-rules', ['base' => 1, 'changes' => ['effort.layerMm' => 12], 'putBack' => 1])->assertUnprocessable();
        $this->postJson('/api/house-rules', ['base' => 1, 'putBack' => 99])->assertUnprocessable();
    }

    #[DataProvider('others')]
    public function test_the_house_is_the_owners(Role $role): void
    {
        $this->signIn($role);

        foreach (['house-rules', 'house-rules/versions', 'grade-differences'] as $path) {
            $this->getJson("/api/{$path}")->assertForbidden()->assertJsonPath('message', Words::of('problems.needs_owner'));
        }
        $this->change(1, ['effort.layerMm' => 12])->assertForbidden();
    }

    /** @return iterable<string, array{Role}> */
    public static function others(): iterable
    {
        yield 'groomer' => [Role::Groomer];
        yield 'apprentice' => [Role::Apprentice];
    }

    public function test_an_own_order_is_the_order_of_the_inspection(): void
    {
        $route = array_reverse(array_column(Section::cases(), 'value'));
        $this->change(1, ['schools.route' => 'own', 'schools.ownRoute' => $route])->assertCreated();

        self::assertSame($route, $this->getJson("/api/visits/{$this->arrive()->id}")->json('route'));
    }

    /** @param array<string, mixed> $changes */
    private function change(int $base, array $changes, ?string $note = null): TestResponse
    {
        return $this->postJson('/api/house-rules', ['base' => $base, 'changes' => $changes, 'note' => $note]);
    }
}

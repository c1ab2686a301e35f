<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Dog;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Role;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\LazilyRefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends LaravelTestCase
{
    use LazilyRefreshDatabase;
    use OnEitherDatabase;

    protected const DEVICE = '01J0000000000000000000DEV0';

    /** What is taken along in a test is not sent: it goes with the test. */
    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.outgoing_folder' => sys_get_temp_dir().'/outgoing-'.getmypid()]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(config('salon.outgoing_folder'));
        parent::tearDown();
    }

    /** With the password given for as long as a test takes: what asks for it again has tests of its own. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->withSession(['auth.password_confirmed_at' => PHP_INT_MAX]);

        return parent::actingAs($user, $guard);
    }

    protected function signIn(Role $role = Role::Groomer): Staff
    {
        $staff = Staff::factory()->create(['role' => $role]);
        // Another tablet: a session of its own.
        $this->flushSession();
        $this->actingAs($staff);

        return $staff;
    }

    /** A dog that has just come in, checked in over the API. */
    protected function arrive(?Dog $dog = null, array $more = []): Visit
    {
        $dog ??= Dog::factory()->create();
        $id = (string) Str::ulid();
        $this->postJson(
            '/api/visits',
            ['id' => $id, 'markId' => (string) Str::ulid(), 'dogId' => $dog->id, 'at' => self::now(), 'device' => self::DEVICE, ...$more],
        )->assertCreated();

        return Visit::query()->findOrFail($id);
    }

    /** @return array<string, mixed> */
    protected function mark(string $kind, array $payload, ?string $section = null): array
    {
        return [
            'id' => (string) Str::ulid(),
            'kind' => $kind,
            'section' => $section,
            'at' => self::now(),
            'device' => self::DEVICE,
            'payload' => $payload,
        ];
    }

    /** @param list<array<string, mixed>> $marks */
    protected function send(Visit $visit, array $marks): TestResponse
    {
        // Most marks of a test are on the way to something else: whoever wants to see the visit asks for it.
        return $this->postJson("/api/visits/{$visit->id}/marks", ['marks' => $marks], ['Prefer' => 'return=minimal']);
    }

    protected function record(Visit $visit, string $kind, array $payload = [], ?string $section = null): string
    {
        $mark = $this->mark($kind, $payload, $section);
        $this->send($visit, [$mark])->assertOk()->assertJsonPath('marks.0.outcome', 'taken');

        return $mark['id'];
    }

    /** Combs the whole dog: clear, save for the named sections. */
    protected function inspect(Visit $visit, array $checks = []): void
    {
        $marks = [];
        foreach (Section::cases() as $section) {
            $marks[] = $this->mark(
                'comb_checked',
                $checks[$section->value] ?? ['comb' => 'glides', 'skinLine' => 'clear'],
                $section->value,
            );
        }
        $this->send($visit, $marks)->assertOk();
        self::assertGreaterThanOrEqual(30, StoredMark::query()->where('visit_id', $visit->id)->where('kind', 'comb_checked')->count());
    }

    /** Shows the plan in force and returns the id of the mark. */
    protected function showPlan(Visit $visit): string
    {
        return $this->record($visit, 'plan_shown', ['choices' => $this->choices($visit)]);
    }

    /** @return array<string, string> */
    protected function choices(Visit $visit): array
    {
        return array_map(
            fn(array $section): ?string => $section['choice'],
            $this->getJson("/api/visits/{$visit->id}/plan")->assertOk()->json('sections'),
        );
    }

    protected static function now(): string
    {
        return CarbonImmutable::now()->format('Y-m-d\TH:i:s.v\Z');
    }
}

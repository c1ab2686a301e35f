<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\CoatCaseFile;
use App\Formats\CoatReportJson;
use App\Models\Staff;
use Database\Factories\StaffFactory;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\PlanTotals;
use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (range('a', 'i') as $letter) {
            yield "case {$letter}" => [dirname(__DIR__)."/corpus/coat-cases/coat-case-{$letter}.json"];
        }
    }

    #[DataProvider('examples')]
    public function test_the_examples_grade_and_tolerate_as_they_say(string $path): void
    {
        ['case' => $case, 'expected' => $expected] = json_decode((string) file_get_contents($path), true);
        $report = CoatReport::of((new CoatCaseFile)->read((string) json_encode($case), HouseRules::shop()->kit), HouseRules::shop());

        self::assertSame($expected['grades'], $report->gradings->map(fn($grading): ?int => $grading->grade?->value)->byId());
        self::assertEqualsWithDelta($expected['tolerance'], $report->tolerance->minutes, 1e-6);
        self::assertEqualsWithDelta($expected['stands_minutes'], $report->standing()->minutes, 1e-6);
        self::assertEqualsWithDelta($expected['working_minutes'], $report->workingMinutes(), 1e-6);
        foreach ($expected['plans'] as $name => $plan) {
            $totals = PlanTotals::of($report, Choices::fromCodes($plan['choices']));
            self::assertEqualsWithDelta($plan['keep'], $totals->keepShare, 1e-6, $name);
            self::assertEqualsWithDelta($plan['tension'], $totals->tensionMinutes, 1e-6, $name);
            self::assertEqualsWithDelta($plan['minutes'], $totals->minutes, 1e-6, $name);
        }
    }

    public function test_a_grade_of_the_groomers_own_stands_beside_the_rules(): void
    {
        ['case' => $case] = json_decode((string) file_get_contents(dirname(__DIR__).'/corpus/coat-cases/coat-case-a.json'), true);
        $case['sections']['tail'] = ['comb' => 'stops', 'skin_line' => 'patchy', 'opens' => 'tool', 'own_grade' => ['grade' => 4, 'instead' => 3, 'reason' => 'It felts again']];
        $printed = CoatReportJson::of(CoatReport::of((new CoatCaseFile)->read((string) json_encode($case), HouseRules::shop()->kit), HouseRules::shop()));

        self::assertSame([3, ['tail' => 4]], [$printed['grades']['tail'], $printed['gradesInForce']]);
    }

    #[DataProvider('examples')]
    public function test_the_examples_frontier_and_named_plans_are_found_exactly(string $path): void
    {
        ['case' => $case, 'expected' => $expected] = json_decode((string) file_get_contents($path), true);
        $report = CoatReport::of((new CoatCaseFile)->read((string) json_encode($case), HouseRules::shop()->kit), HouseRules::shop());
        $frontier = (new FrontierSolver($report))->feasible();

        self::assertCount(count($expected['frontier']), $frontier->plans);
        foreach ($expected['frontier'] as $index => $plan) {
            $found = $frontier->plans[$index];
            self::assertEqualsWithDelta(
                [$plan['keep'], $plan['tension'], $plan['minutes']],
                [$found->keepShare, $found->tensionMinutes, $found->minutes],
                1e-6,
            );
        }
        foreach ([
            'keep_coat' => $frontier->keepsMost(),
            'balanced' => $frontier->balanced(),
            'easiest' => $frontier->easiest(),
        ] as $name => $found) {
            $plan = $expected['plans'][$name] ?? null;
            self::assertEqualsWithDelta(
                [$plan['keep'] ?? null, $plan['tension'] ?? null, $plan['minutes'] ?? null],
                [$found?->keepShare, $found?->tensionMinutes, $found?->minutes],
                1e-6,
                $name,
            );
        }
    }

    public function test_coat_plan_prints_no_frontier_while_a_section_wants_the_comb(): void
    {
        $case = json_decode((string) file_get_contents(dirname(__DIR__).'/corpus/coat-cases/coat-case-a.json'), true)['case'];
        unset($case['sections']['tail']);

        $printed = json_decode($this->coatPlan($case)->output(), true);

        self::assertSame([null, null], [$printed['frontier'], $printed['plans']]);
    }

    public function test_coat_plan_prints_the_report_of_a_file_as_json(): void
    {
        $run = $this->coatPlan(json_decode(
            (string) file_get_contents(dirname(__DIR__).'/corpus/coat-cases/coat-case-b.json'),
            true,
        )['case']);

        self::assertSame(0, $run->exitCode());
        $printed = json_decode($run->output(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(
            ['grades', 'matLoad', 'tolerance', 'standsMinutes', 'workingMinutes', 'options', 'notOffered', 'missing', 'stuck', 'frontier', 'plans'],
            array_keys($printed),
        );
        self::assertCount(41, $printed['frontier']);
        self::assertSame(['keep_coat', 'balanced', 'easiest'], array_keys($printed['plans']));
        self::assertSame(['choices', 'keep', 'tension', 'minutes'], array_keys($printed['plans']['balanced']));
        self::assertSame(['treatment', 'minutes', 'tension', 'keep'], array_keys($printed['options']['muzzle'][0]));
        self::assertSame(['clip:1.5'], array_column($printed['options']['back'], 'treatment'));
        self::assertSame('tender_place_clip_only', $printed['notOffered']['groin'][0]['reason']);
        self::assertSame([[], []], [$printed['missing'], $printed['stuck']]);
    }

    public function test_coat_plan_tells_again_from_not_checked(): void
    {
        $case = json_decode((string) file_get_contents(dirname(__DIR__).'/corpus/coat-cases/coat-case-a.json'), true)['case'];
        $case['sections']['back']['skin_line'] = 'hidden';
        unset($case['sections']['tail']);

        $printed = json_decode($this->coatPlan($case)->output(), true);

        self::assertSame(['again', null], [$printed['grades']['back'], $printed['grades']['tail']]);
        self::assertSame(['back', 'tail'], $printed['missing']);
        self::assertArrayNotHasKey('tail', $printed['options']);
    }

    public function test_a_wrong_file_names_each_field_and_prints_nothing_that_could_be_taken_for_a_plan(): void
    {
        $run = $this->coatPlan([
            'format' => 'hound-check/coat-case',
            'version' => 1,
            'dog' => ['weight_kg' => 'heavy', 'coat' => 'fluffy', 'coat_mm' => 40, 'age_months' => 30],
            'sections' => ['wing_l' => [], 'tail' => ['comb' => 'glide', 'note' => 'x']],
        ]);

        self::assertSame([1, ''], [$run->exitCode(), $run->output()]);
        self::assertSame([
            'dog.temperament: is missing',
            'dog.weight_kg: must be of type number',
            'dog.coat: must be one of silky, curly, double, wire, smooth, mixed',
            'sections.wing_l: is not one of the 30 sections',
            'sections.tail.comb: must be one of glides, catches, stops, cannot_enter',
            'sections.tail.note: is not a field of this format',
        ], explode("\n", trim($run->errorOutput())));
    }

    public function test_a_file_that_is_no_json_or_not_there_says_so(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'case');
        file_put_contents($path, '{');
        $broken = Process::path(base_path())->run([PHP_BINARY, 'artisan', 'coat:plan', $path]);
        unlink($path);
        $gone = Process::path(base_path())->run([PHP_BINARY, 'artisan', 'coat:plan', $path]);

        self::assertSame([1, 1, '', ''], [$broken->exitCode(), $gone->exitCode(), $broken->output(), $gone->output()]);
        self::assertStringContainsString('not JSON', $broken->errorOutput());
        self::assertStringContainsString('no readable file', $gone->errorOutput());
    }

    public function test_a_coat_case_is_read_back_as_it_was_written(): void
    {
        $file = new CoatCaseFile;
        $case = $file->read(
            (string) json_encode(json_decode(
                (string) file_get_contents(dirname(__DIR__).'/corpus/coat-cases/coat-case-c.json'),
                true,
            )['case']),
            HouseRules::shop()->kit,
        );

        self::assertEquals($case, $file->read((string) json_encode($file->write($case)), HouseRules::shop()->kit));
    }

    public function test_staff_are_added_with_a_role_and_a_long_enough_password(): void
    {
        $this->artisan('staff:add', ['name' => 'Wilma', 'role' => 'owner'])
            ->expectsQuestion('Password (at least 10 characters)', 'short')
            ->assertFailed();
        $this->artisan('staff:add', ['name' => 'Wilma', 'role' => 'queen'])->assertFailed();
        self::assertSame(0, Staff::query()->count());

        $this->artisan('staff:add', ['name' => 'Wilma', 'role' => 'owner'])
            ->expectsQuestion('Password (at least 10 characters)', 'long-enough-now')
            ->assertSuccessful();
        $this->postJson('/api/session', ['name' => 'Wilma', 'password' => 'long-enough-now'])
            ->assertOk()
            ->assertJsonPath('staff.role', 'owner');
    }

    public function test_somebody_who_left_is_signed_out_and_the_last_owner_stays(): void
    {
        $owner = Staff::factory()->create(['name' => 'Wilma', 'role' => 'owner']);
        $groomer = Staff::factory()->create(['name' => 'Imke']);
        $this->artisan('staff:active', ['name' => 'Nobody', 'active' => 'no'])->assertFailed();
        $this->artisan('staff:active', ['name' => 'Imke', 'active' => 'maybe'])->assertFailed();
        $this->artisan('staff:active', ['name' => 'Wilma', 'active' => 'no'])->assertFailed();
        $this->artisan('staff:active', ['name' => 'Imke', 'active' => 'no'])->assertSuccessful();

        self::assertSame([true, false], [$owner->refresh()->active, $groomer->refresh()->active]);
        $this->actingAs($groomer)->getJson('/api/day')->assertUnauthorized();
        $this->artisan('staff:active', ['name' => 'Imke', 'active' => 'yes'])->assertSuccessful();
        self::assertTrue($groomer->refresh()->active);
    }

    public function test_a_new_password_counts_at_once_and_ends_what_was_signed_in_with_the_old_one(): void
    {
        Staff::factory()->create(['name' => 'Imke']);
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertOk();
        $this->getJson('/api/day')->assertOk();
        $this->artisan('staff:password', ['name' => 'Imke'])
            ->expectsQuestion('New password (at least 10 characters)', 'short')
            ->assertFailed();
        $this->artisan('staff:password', ['name' => 'Nobody'])->assertFailed();
        $this->getJson('/api/day')->assertOk();

        $this->artisan('staff:password', ['name' => 'Imke'])
            ->expectsQuestion('New password (at least 10 characters)', 'quite-another-one')
            ->assertSuccessful();

        // The next request asks the session who it is.
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/day')->assertUnauthorized();
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => StaffFactory::PASSWORD])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'Imke', 'password' => 'quite-another-one'])->assertOk();
    }

    /** @param array<string, mixed> $case */
    private function coatPlan(array $case): ProcessResult
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'case');
        file_put_contents($path, json_encode($case));
        try {
            return Process::path(base_path())->run([PHP_BINARY, 'artisan', 'coat:plan', $path]);
        } finally {
            unlink($path);
        }
    }

    public function test_the_benchmarks_salon_is_one_that_the_screens_can_show(): void
    {
        $this->artisan('bench:fill', ['visits' => 40])->assertSuccessful();
        $this->actingAs(StaffFactory::new()->createOne());

        $visits = $this->getJson('/api/day')->assertOk()->json('dogs');

        $this->assertNotEmpty($visits);
        $this->getJson("/api/visits/{$visits[0]['id']}")->assertOk();
    }
}

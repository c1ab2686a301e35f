<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Visit;
use App\Visits\ClockBook;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Marks\Words\DryArea;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class TableTest extends TestCase
{
    private const CLEAR = ['comb' => 'glides', 'skinLine' => 'clear'];

    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 9.5];

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
        $this->visit = $this->arrive();
        $this->record($this->visit, 'arrival_answered', ['consent' => 'ask']);
    }

    public function test_the_table_is_drawn_from_what_the_core_makes_of_the_marks(): void
    {
        $this->inspect($this->visit, ['breeches_l' => self::MAT]);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'breeches_l');
        $this->record($this->visit, 'feet_planned', ['reason' => 'Used to it, with two rests']);
        $this->record($this->visit, 'run_started', ['scope' => 'planned_only']);
        $this->at('breeches_l', 'section_taken');
        $this->at('breeches_l', 'line_done', ['line' => 1], 40);
        $this->record($this->visit, 'reacted', ['signal' => 'tucks'], 'breeches_l');

        $answer = $this->see();

        Contract::holds('get', '/api/visits/{visit}', $answer);
        $answer->assertJsonPath('stage', 'brushing')
            ->assertJsonPath('table.current', 'breeches_l')
            ->assertJsonPath('table.sections.breeches_l.linesDone', [1])
            ->assertJsonPath('table.route', ['breeches_l']);
        self::assertEqualsWithDelta(40.0, $answer->json('table.sections.breeches_l.seconds'), 0.1);
        self::assertEqualsWithDelta(
            $answer->json('table.borne.tolerance') - 2 - $answer->json('table.borne.byWork'),
            $answer->json('table.borne.left'),
            1e-9,
        );
        self::assertGreaterThan(0, $answer->json('table.borne.byWork'));
        self::assertSame([false, null], [$answer->json('table.sections.breeches_l.countsLines'), $answer->json('table.sections.breeches_l.lineLimitSeconds')]);
    }

    public function test_a_comb_that_stops_asks_for_a_plan_from_here_and_leaves_what_was_found(): void
    {
        $this->inspect($this->visit);
        $this->agree();
        $this->at('tail', 'section_taken');
        $this->at('tail', 'table_combed', self::MAT, 30);

        $this->see()
            ->assertJsonPath('table.sections.tail.grade', 3)
            ->assertJsonPath('sections.tail.grade', 0)
            ->assertJsonPath('table.sections.tail.choice', null);
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")
            ->assertJsonPath('begun', true)
            ->assertJsonPath('totals.undecided', ['tail']);
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertNotSame([], $plan->json('frontier.plans'));
        self::assertSame('plan_from_here', $this->getJson('/api/day')->json('dogs.0.needs'));

        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:6.3', 'reason' => 'It felts again as it is opened'], 'tail');
        $this->getJson("/api/visits/{$this->visit->id}/plan")->assertJsonPath('agreed', false)->assertJsonPath('asks', ['tail']);
        $this->refused('clipped', ['mm' => 6.3], 'tail')->assertJsonPath('marks.0.reason', 'not_agreed');
        $this->agree();
        $this->record($this->visit, 'clipped', ['mm' => 6.3], 'tail');
        $this->see()->assertJsonPath('table.sections.tail.clippedMm', 6.3)->assertJsonPath('table.sections.tail.done', false);
        $this->record($this->visit, 'table_combed', self::CLEAR, 'tail');
        $this->see()->assertJsonPath('table.sections.tail.done', true);
    }

    public function test_the_price_does_not_melt_while_the_work_is_done(): void
    {
        $this->inspect(
            $this->visit,
            ['breeches_l' => ['mattedShare' => 0.9] + self::MAT, 'breeches_r' => ['mattedShare' => 0.9] + self::MAT],
        );
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:9.5'], 'breeches_l');
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:9.5'], 'breeches_r');
        $before = $this->getJson("/api/visits/{$this->visit->id}/plan")->json('price');
        $this->at('back', 'table_combed', self::CLEAR);

        self::assertSame($before, $this->getJson("/api/visits/{$this->visit->id}/plan")->json('price'));
    }

    public function test_the_gate_is_held_by_the_server_and_says_exactly_what_is_missing(): void
    {
        $this->inspect($this->visit, ['ear_l' => ['comb' => 'catches', 'skinLine' => 'clear'], 'tail' => self::MAT]);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');
        $this->agree();

        $this->refused('bath_cleared')->assertJsonPath('marks.0.reason', 'gate_shut');
        self::assertSame(
            [['not_combed', 'ear_l', 1, true, []], ['not_combed', 'tail', 3, false, []]],
            array_map(array_values(...), $this->see()->json('gate.lacks')),
        );
        $this->refused('waived', ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'Client in a hurry'], 'tail')
            ->assertJsonPath(
                'marks.0.message',
                'Mats are never taken into the bath: this section cannot be let go. Open it, clip it, or stop the visit.',
            );
        $this->record(
            $this->visit,
            'waived',
            ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'He will not have his ear touched today'],
            'ear_l',
        );
        $this->at('tail', 'table_combed', self::CLEAR);
        $this->record($this->visit, 'bath_cleared');

        $this->see()
            ->assertJsonPath('gate.cleared', true)
            ->assertJsonPath('gate.waivers.0.reason', 'He will not have his ear touched today')
            ->assertJsonPath('stage', 'cleared');
    }

    public function test_what_opened_a_mat_is_said_at_the_dogs_next_visit(): void
    {
        $this->inspect($this->visit, ['tail' => self::MAT, 'chest' => self::MAT]);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'chest');
        $this->agree();
        foreach (['tail', 'chest'] as $section) {
            $this->at($section, 'section_taken');
            $this->at($section, 'table_combed', self::CLEAR, 90);
        }
        $this->record($this->visit, 'mats_opened', ['with' => 'tool'], 'tail');
        $this->record($this->visit, 'mats_opened', ['with' => 'fingers'], 'tail');
        $this->see()->assertJsonPath('table.sections.tail.openedWith', 'fingers')->assertJsonPath('table.sections.chest.openedWith', null);
        $this->record($this->visit, 'stopped', ['reason' => 'Enough for today']);

        $next = $this->getJson("/api/visits/{$this->arrive($this->visit->dog)->id}");
        Contract::holds('get', '/api/visits/{visit}', $next);
        $next->assertJsonPath('sections.tail.lastTime.openedWith', 'fingers')->assertJsonPath('sections.chest.lastTime', null);
        self::assertEqualsWithDelta(1.5, $next->json('sections.tail.lastTime.minutes'), 0.1);
    }

    public function test_the_bath_goes_round_a_place_that_is_left_alone_when_the_client_was_told(): void
    {
        $this->inspect($this->visit);
        $this->record($this->visit, 'finding_noted', ['kind' => 'open_skin'], 'tail');
        $this->refused('bath_cleared');
        $this->see()->assertJsonPath('gate.lacks.0.ways', ['kept_dry'])->assertJsonPath('gate.spongeOnly', true);
        $this->refused('held_place_settled', ['way' => 'kept_dry', 'clientTold' => false], 'tail')->assertJsonPath('marks.0.reason', 'unreadable');
        $this->refused('held_place_settled', ['way' => 'water_only', 'clientTold' => true], 'tail')->assertJsonPath('marks.0.reason', 'no_way_round');

        $this->record($this->visit, 'held_place_settled', ['way' => 'kept_dry', 'clientTold' => true], 'tail');
        $answer = $this->see();
        Contract::holds('get', '/api/visits/{visit}', $answer);
        $answer->assertJsonPath('gate.open', true)
            ->assertJsonPath('gate.settled.0.section', 'tail')
            ->assertJsonPath('gate.settled.0.way', 'kept_dry');
        $this->record($this->visit, 'bath_cleared');

        // A later day asks again.
        $this->travelTo('2026-06-10 08:00:00');
        $this->see()->assertJsonPath('gate.open', false);
    }

    public function test_a_clearance_of_yesterday_is_none_even_where_nobody_made_a_mark_since(): void
    {
        $this->inspect($this->visit);
        $this->record($this->visit, 'bath_cleared');
        $this->see()->assertJsonPath('gate.cleared', true);

        $this->travelTo('2026-06-10 08:00:00');

        $this->see()->assertJsonPath('gate.cleared', false)->assertJsonPath('gate.lacks.0.reason', 'of_another_day');
        $this->refused('bath_stepped', ['step' => 'rinsed_first'])->assertJsonPath('marks.0.reason', 'gate_shut');
    }

    public function test_an_apprentice_brushes_and_dries_but_waives_and_clears_nothing(): void
    {
        $this->inspect($this->visit, ['ear_l' => ['comb' => 'catches', 'skinLine' => 'clear']]);
        $this->signIn(Role::Apprentice);

        $this->at('back', 'table_combed', self::CLEAR);
        $this->refused(
            'waived',
            ['step' => 'before_bath', 'who' => 'Teo', 'reason' => 'x'],
            'ear_l',
        )->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        $this->refused('bath_cleared')->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        $this->refused('signed_off')->assertJsonPath('marks.0.reason', 'needs_a_groomer');
    }

    public function test_a_whole_visit_from_the_table_to_collected_skips_nothing(): void
    {
        $this->inspect($this->visit, ['tail' => self::MAT]);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');
        $this->agree();
        $this->brushOut(30);
        $this->record($this->visit, 'bath_cleared');
        $this->bathAndDry();
        $this->see()->assertJsonPath('stage', 'dried')->assertJsonCount(30, 'bath.toCombAgain');
        foreach (Section::cases() as $section) {
            $this->record(
                $this->visit,
                'second_combed',
                self::CLEAR + ['fine' => $section === Section::Tail ? 'catches' : 'glides'],
                $section->value,
            );
        }
        $this->see()->assertJsonPath('bath.toCombAgain', ['tail'])->assertJsonPath('bath.second.tail.grade', 1)
            ->assertJsonPath('bath.second.tail.waivable', true);
        $this->refused('signed_off')->assertJsonPath('marks.0.reason', 'not_finished_yet');
        $this->record($this->visit, 'second_combed', self::CLEAR + ['fine' => 'glides'], 'tail');
        $this->record($this->visit, 'finish_ticked', ['item' => 'nails']);
        $this->record($this->visit, 'aftercare_chosen', ['items' => ['quiet_evening']]);
        $this->record($this->visit, 'signed_off');
        Contract::holds(
            'get',
            '/api/visits/{visit}',
            $this->see()->assertJsonPath('stage', 'finished')->assertJsonPath('home.skipped', []),
        );
        $this->record($this->visit, 'handed_over');

        $this->see()->assertJsonPath('stage', 'collected');
        Contract::holds('get', '/api/visits/{visit}/record', $this->getJson("/api/visits/{$this->visit->id}/record"));
        Contract::holds('get', '/api/day', $this->getJson('/api/day')->assertJsonPath('dogs.0.needs', 'nothing'));
    }

    public function test_the_visit_says_the_same_need_as_the_days_list_at_every_step(): void
    {
        $needs = function (): string {
            $need = $this->see()->json('needs');
            self::assertSame($this->getJson('/api/day')->json('dogs.0.needs'), $need);

            return $need;
        };
        $seen = [$needs()];
        $this->inspect($this->visit, ['tail' => self::MAT]);
        $seen[] = $needs();
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');
        $seen[] = $needs();
        $this->agree();
        $seen[] = $needs();
        $this->brushOut(30);
        $seen[] = $needs();
        $this->record($this->visit, 'bath_cleared');
        $seen[] = $needs();
        $this->travelTo('2026-06-10 08:00:00');
        $seen[] = $needs();
        $this->travelTo('2026-06-09 18:00:00');
        $this->bathAndDry();
        $seen[] = $needs();
        foreach (Section::cases() as $section) {
            $this->record($this->visit, 'second_combed', self::CLEAR + ['fine' => 'glides'], $section->value);
        }
        $seen[] = $needs();
        $this->record($this->visit, 'aftercare_chosen', ['items' => []]);
        $this->record($this->visit, 'signed_off');
        $seen[] = $needs();
        $this->record($this->visit, 'handed_over');
        $seen[] = $needs();

        self::assertSame(
            [
                'inspection',
                'decide',
                'show_plan',
                'table',
                'clear_for_bath',
                'bath',
                'hands_on_again',
                'second_comb_check',
                'finish',
                'hand_over',
                'nothing',
            ],
            $seen,
        );
    }

    public function test_finished_sections_set_the_groomers_clock_and_the_next_forecast(): void
    {
        $this->inspect($this->visit);
        $plain = $this->see()->json('table.forecast.plain');
        foreach (Section::cases() as $section) {
            $this->at($section->value, 'section_taken');
            $this->at(
                $section->value,
                'table_combed',
                self::CLEAR,
                60 * 1.5 * $this->see()->json("table.sections.{$section->value}.forecast.plain"),
            );
        }

        $clock = (new ClockBook)->of($this->visit->refresh()->groomer_id, CoatType::Curly)->table;
        self::assertSame(30, $clock->count);
        self::assertEqualsWithDelta(exp(30 * log(1.5) / 35), $clock->factor(), 0.002);
        $this->travel(1)->hours();
        $this->record($this->visit, 'stopped', ['reason' => 'x']);
        $next = $this->arrive(Dog::factory()->create());
        $this->inspect($next);
        $answer = $this->getJson("/api/visits/{$next->id}");
        self::assertEqualsWithDelta($plain, $answer->json('table.forecast.plain'), 1e-6);
        self::assertEqualsWithDelta($plain * $clock->factor(), $answer->json('table.forecast.likely'), 1e-6);
    }

    public function test_the_dryers_clock_corrects_the_next_drying_of_such_a_coat(): void
    {
        $this->inspect($this->visit);
        $this->brushOut(30);
        $this->record($this->visit, 'bath_cleared');
        $this->bathAndDry();
        $this->assertDatabaseMissing('work_times', ['work' => 'drying']);
        $last = DB::table('marks')->where('kind', 'dried')->orderByDesc('number')->value('id');
        $this->record($this->visit, 'withdrawn', ['markId' => $last]);
        $forecast = $this->see()->json('summary.dryMinutes');
        $this->travel((int) (120 * $forecast))->seconds();
        $this->record($this->visit, 'dried', ['area' => 'head']);

        $this->assertDatabaseHas('work_times', ['visit_id' => $this->visit->id, 'section' => 'drying', 'work' => 'drying']);
        self::assertSame(1, DB::table('work_clocks')->where('work', 'drying')->value('count'));
        self::assertEqualsWithDelta($forecast * 2 ** (1 / 6), $this->see()->json('summary.dryMinutes'), 0.1);
        self::assertEqualsWithDelta($forecast, DB::table('work_times')->where('work', 'drying')->value('forecast_minutes'), 1e-5);
    }

    public function test_a_section_taken_back_is_taken_out_of_the_clock(): void
    {
        $this->inspect($this->visit);
        $minutes = $this->see()->json('table.sections.tail.forecast.plain');
        $this->at('tail', 'section_taken');
        $this->travel((int) (60 * $minutes))->seconds();
        $passed = $this->record($this->visit, 'table_combed', self::CLEAR, 'tail');
        self::assertSame(1, DB::table('work_times')->count());

        $this->record($this->visit, 'withdrawn', ['markId' => $passed]);

        self::assertSame([0, 0], [DB::table('work_times')->count(), DB::table('work_clocks')->count()]);
    }

    public function test_times_and_clocks_rebuilt_from_the_marks_are_the_same(): void
    {
        $this->inspect($this->visit);
        $this->brushOut(90);
        $tables = fn(): array => [
            DB::table('work_times')->orderBy('section')->get()->all(),
            DB::table('work_clocks')->get()->all(),
            DB::table('visits')->get()->all(),
        ];
        $before = $tables();
        self::assertNotSame([], $before[0]);
        DB::table('work_times')->update(['minutes' => 1]);
        DB::table('work_clocks')->delete();
        DB::table('visits')->update(['day_facts' => null]);

        $this->artisan('visits:rebuild')->assertSuccessful();

        self::assertEquals($before, $tables());
    }

    public function test_marks_from_a_tablet_that_was_without_network_for_an_hour_are_taken_in_one_batch(): void
    {
        $this->inspect($this->visit);
        $marks = [];
        foreach (['tail', 'back'] as $section) {
            $marks[] = $this->mark('section_taken', [], $section);
            $this->travel(2)->minutes();
            $marks[] = $this->mark('table_combed', self::CLEAR, $section);
        }
        $this->travel(1)->hours();

        self::assertSame(['taken', 'taken', 'taken', 'taken'], array_column($this->send($this->visit, $marks)->json('marks'), 'outcome'));
        self::assertSame(
            ['already', 'already', 'already', 'already'],
            array_column($this->send($this->visit, $marks)->json('marks'), 'outcome'),
        );
        self::assertEqualsWithDelta(240.0, $this->see()->json('table.seconds'), 0.1);
    }

    /** @param array<string, mixed> $payload */
    private function at(string $section, string $kind, array $payload = [], float $afterSeconds = 1): void
    {
        // Long work is not silent: the coat is misted in between.
        for (; $afterSeconds > 240 && $kind === 'table_combed'; $afterSeconds -= 240) {
            $this->travel(240)->seconds();
            $this->record($this->visit, 'misted', [], $section);
        }
        $this->travel((int) round($afterSeconds * 1000))->milliseconds();
        $this->record($this->visit, $kind, $payload, $section);
    }

    private function brushOut(int $secondsEach): void
    {
        foreach (Section::cases() as $section) {
            $this->at($section->value, 'section_taken');
            $this->at($section->value, 'table_combed', self::CLEAR, $secondsEach);
        }
    }

    private function bathAndDry(): void
    {
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $this->record($this->visit, 'bath_stepped', ['step' => $step, ...($step === 'lathered' ? ['product' => 'mild'] : [])]);
        }
        $this->record($this->visit, 'dry_started', ['method' => 'dryer']);
        foreach (DryArea::cases() as $area) {
            $this->record($this->visit, 'dried', ['area' => $area->value]);
        }
    }

    private function agree(): void
    {
        $this->record(
            $this->visit,
            'answer_given',
            ['planId' => $this->showPlan($this->visit), 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester'],
        );
    }

    /** @param array<string, mixed> $payload */
    private function refused(string $kind, array $payload = [], ?string $section = null): TestResponse
    {
        return $this->send($this->visit, [$this->mark($kind, $payload, $section)])->assertJsonPath('marks.0.outcome', 'refused');
    }

    private function see(): TestResponse
    {
        return $this->getJson("/api/visits/{$this->visit->id}")->assertOk();
    }
}

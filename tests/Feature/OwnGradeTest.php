<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\GradeDifference;
use App\Models\ShownPlan;
use App\Models\Visit;
use App\Words\Words;
use HoundCheck\Core\Marks\Role;
use Tests\TestCase;

final class OwnGradeTest extends TestCase
{
    private const TANGLE = ['comb' => 'stops', 'skinLine' => 'clear', 'opens' => 'fingers', 'mattedShare' => 0.1, 'liftMm' => 10];

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->visit = $this->arrive();
        $this->inspect($this->visit, ['tail' => self::TANGLE]);
    }

    public function test_a_groomers_own_grade_counts_and_the_rules_stays_beside_it_with_the_reason(): void
    {
        $this->judge();

        $visit = $this->getJson("/api/visits/{$this->visit->id}")->assertOk();
        Contract::holds('get', '/api/visits/{visit}', $visit);
        self::assertSame([2, 3], [$visit->json('sections.tail.grade'), $visit->json('sections.tail.inForce')]);
        self::assertSame('It felts as I open it', $visit->json('sections.tail.own.reason'));
        self::assertSame(3, $this->getJson("/api/visits/{$this->visit->id}/plan")->json('sections.tail.grade'));
        self::assertSame('3', $this->visit->refresh()->grades[29]);
    }

    public function test_it_lapses_when_the_comb_finds_something_else_and_counts_again_when_that_is_taken_back(): void
    {
        $this->judge();
        $again = $this->record($this->visit, 'comb_checked', ['comb' => 'cannot_enter', 'skinLine' => 'patchy'], 'tail');
        $lapsed = $this->getJson("/api/visits/{$this->visit->id}");
        self::assertSame(
            [4, 4, 3],
            [$lapsed->json('sections.tail.grade'), $lapsed->json('sections.tail.inForce'), $lapsed->json('sections.tail.own.grade')],
        );
        self::assertSame(0, GradeDifference::query()->count());

        $this->record($this->visit, 'withdrawn', ['markId' => $again]);
        self::assertSame(3, $this->getJson("/api/visits/{$this->visit->id}")->json('sections.tail.inForce'));
        self::assertSame(1, GradeDifference::query()->count());
    }

    public function test_the_rules_grade_counts_again_when_the_groomer_says_so_and_undo_takes_that_back_too(): void
    {
        $this->judge();
        $rule = $this->record($this->visit, 'grade_judged', ['rule' => true], 'tail');
        $this->getJson("/api/visits/{$this->visit->id}")
            ->assertJsonPath('sections.tail.own', null)
            ->assertJsonPath('sections.tail.inForce', 2);

        $this->record($this->visit, 'withdrawn', ['markId' => $rule]);
        $this->getJson("/api/visits/{$this->visit->id}")->assertJsonPath('sections.tail.inForce', 3);
    }

    public function test_it_needs_a_reason_a_graded_section_and_a_groomer(): void
    {
        $fresh = $this->arrive(Dog::factory()->create());
        foreach ([
            'unreadable' => [$this->visit, ['grade' => 3, 'instead' => 2]],
            'not_graded_yet' => [$fresh, ['grade' => 3, 'instead' => 2, 'reason' => 'x']],
        ] as $reason => [$visit, $payload]) {
            $this->send($visit, [$this->mark('grade_judged', $payload, 'tail')])->assertOk()->assertJsonPath('marks.0.reason', $reason);
        }
        foreach ([
            ['grade' => 2, 'instead' => 2, 'reason' => 'x'],
            ['grade' => 6, 'instead' => 2, 'reason' => 'x'],
            ['grade' => 2.5, 'instead' => 2, 'reason' => 'x'],
        ] as $payload) {
            $this->send($this->visit, [$this->mark('grade_judged', $payload, 'tail')])
                ->assertOk()
                ->assertJsonPath('marks.0.reason', 'unreadable');
        }
        $this->signIn(Role::Apprentice);
        $this->send($this->visit, [$this->mark('grade_judged', ['grade' => 3, 'instead' => 2, 'reason' => 'x'], 'tail')])
            ->assertOk()
            ->assertJsonPath('marks.0.reason', 'needs_a_groomer');
    }

    public function test_the_owner_sees_where_people_and_rule_differ_and_nobody_else_does(): void
    {
        $this->judge();
        $this->getJson('/api/grade-differences')->assertForbidden()->assertJsonPath('message', Words::of('problems.needs_owner'));

        $this->signIn(Role::Owner);
        $list = $this->getJson('/api/grade-differences')->assertOk();
        Contract::holds('get', '/api/grade-differences', $list);
        $list->assertJsonPath('differences.0.section', 'tail')
            ->assertJsonPath('differences.0.ruleGrade', 2)
            ->assertJsonPath('differences.0.ownGrade', 3)
            ->assertJsonPath('differences.0.rule', 'comb_stops')->assertJsonPath('differences.0.reason', 'It felts as I open it');
        self::assertSame([['rule' => 'comb_stops', 'ruleGrade' => 2, 'ownGrade' => 3, 'times' => 1]], $list->json('counts'));
    }

    public function test_the_list_of_differences_is_rebuilt_from_the_marks(): void
    {
        $this->judge();
        $before = GradeDifference::query()->sole()->toArray();
        GradeDifference::query()->delete();

        $this->artisan('visits:rebuild')->assertSuccessful();

        self::assertSame($before, GradeDifference::query()->sole()->toArray());
    }

    public function test_a_plan_that_was_shown_keeps_the_grade_it_was_made_from(): void
    {
        $this->judge();
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'thin'], 'tail');
        $this->showPlan($this->visit);

        self::assertSame(
            ['grade' => 3, 'instead' => 2, 'reason' => 'It felts as I open it'],
            ShownPlan::query()->sole()->coat_case['sections']['tail']['own_grade'],
        );
    }

    private function judge(): void
    {
        $this->record($this->visit, 'grade_judged', ['grade' => 3, 'instead' => 2, 'reason' => 'It felts as I open it'], 'tail');
    }
}

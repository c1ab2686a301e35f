<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\CoatCaseFile;
use App\Models\HouseRulesVersion;
use App\Models\ShownPlan;
use App\Models\Visit;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\PlanRules;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use Tests\TestCase;

final class PlanTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 5];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_the_plan_says_what_is_offered_and_what_is_not_and_why(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['tail' => self::MAT]);

        $plan = $this->getJson("/api/visits/{$visit->id}/plan")->assertOk();

        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertSame(['demat', 'thin', 'clip:1.5', 'clip:3.2'], array_column($plan->json('sections.tail.options'), 'treatment'));
        self::assertContains(
            [
                'treatment' => 'clip:6.3',
                'reason' => 'blade_over_lift',
                'says' => 'The mat sits 5 mm from the skin: a longer blade does not pass under it.',
            ],
            $plan->json('sections.tail.notOffered'),
        );
        $plan->assertJsonPath('sections.tail.choice', null)
            ->assertJsonPath('sections.back.choice', 'brush')
            ->assertJsonPath('totals.undecided', ['tail']);
    }

    public function test_each_treatment_of_a_matted_place_says_what_the_whole_coat_becomes_with_it(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['tail' => self::MAT]);
        $options = fn(): array => array_column($this->getJson("/api/visits/{$visit->id}/plan")->json('sections.tail.options'), 'whole', 'treatment');
        self::assertSame([null], array_unique(array_values($options()), SORT_REGULAR), 'before all is decided there is no whole');

        $this->record($visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');
        $said = $options();
        foreach (['thin', 'clip:3.2', 'demat'] as $treatment) {
            $this->record($visit, 'treatment_chosen', ['treatment' => $treatment], 'tail');
            $plan = $this->getJson("/api/visits/{$visit->id}/plan");
            self::assertEqualsWithDelta(
                [$plan->json('totals.coatKept'), $plan->json('totals.tension'), $plan->json('totals.minutes'), $plan->json('price.totalCents')],
                [$said[$treatment]['keep'], $said[$treatment]['tension'], $said[$treatment]['minutes'], $said[$treatment]['priceCents']],
                1e-9,
            );
        }
        self::assertNull($plan->json('sections.back.options.0.whole'), 'said where something is matted');
    }

    public function test_choosing_moves_the_totals_and_undo_moves_them_back(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['tail' => self::MAT]);
        $open = $this->getJson("/api/visits/{$visit->id}/plan")->json('totals');
        $choice = $this->record($visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');

        $decided = $this->getJson("/api/visits/{$visit->id}/plan")
            ->assertJsonPath('totals.complete', true)
            ->assertJsonPath('sections.tail.chosen', true)
            ->json('totals');
        self::assertGreaterThan($open['minutes'], $decided['minutes']);
        self::assertGreaterThan(0, $decided['tension']);

        $this->record($visit, 'withdrawn', ['markId' => $choice]);
        self::assertSame($open, $this->getJson("/api/visits/{$visit->id}/plan")->json('totals'));
    }

    public function test_a_section_without_a_way_is_named_and_no_plan_can_be_shown(): void
    {
        $visit = $this->arrive();
        $this->record($visit, 'arrival_answered', ['consent' => 'never']);
        $this->inspect($visit, ['tail' => self::MAT, 'chest' => ['opens' => 'no'] + self::MAT]);

        $this->getJson("/api/visits/{$visit->id}/plan")->assertJsonPath('stuck', ['chest'])->assertJsonPath('totals.complete', false);
        $this->send(
            $visit,
            [$this->mark('plan_shown', ['choices' => ['tail' => 'demat']])],
        )->assertJsonPath('marks.0.reason', 'plan_incomplete');
    }

    public function test_the_clients_yes_is_kept_with_exactly_what_was_shown(): void
    {
        $visit = $this->decided();
        $shown = $this->showPlan($visit);
        $this->record(
            $visit,
            'answer_given',
            ['planId' => $shown, 'answer' => 'yes', 'via' => 'phone', 'who' => 'Hester Lindqvist', 'note' => 'Short is fine'],
        );

        $plan = $this->getJson("/api/visits/{$visit->id}/plan")
            ->assertJsonPath('agreed', true)
            ->assertJsonPath('stage', 'agreed')
            ->assertJsonPath('shown.answer.who', 'Hester Lindqvist');
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        $kept = ShownPlan::query()->findOrFail($shown);
        self::assertSame('clip:3.2', $kept->choices['tail']);
        self::assertSame([1, CoreVersion::CURRENT], [$kept->house_rules_version, $kept->core_version]);
    }

    public function test_what_was_shown_can_be_worked_out_again_from_what_was_kept(): void
    {
        $visit = $this->decided();
        $kept = ShownPlan::query()->findOrFail($this->showPlan($visit));

        $case = (new CoatCaseFile)->read($kept->getRawOriginal('coat_case'), HouseRules::shop()->kit);
        $again = PlanTotals::of(CoatReport::of($case, HouseRules::shop()), Choices::fromCodes($kept->choices));

        self::assertEqualsWithDelta($kept->totals['minutes'], $again->minutes, 1e-9);
        self::assertEqualsWithDelta($kept->totals['tension'], $again->tensionMinutes, 1e-9);
        self::assertEqualsWithDelta($kept->totals['coatKept'], $again->keepShare, 1e-9);
    }

    public function test_a_change_after_the_yes_asks_anew(): void
    {
        $visit = $this->decided();
        $shown = $this->showPlan($visit);
        $this->record($visit, 'answer_given', ['planId' => $shown, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:1.5'], 'tail');

        $this->getJson("/api/visits/{$visit->id}/plan")->assertJsonPath('agreed', false)->assertJsonPath('shown.current', false);
        $this->send(
            $visit,
            [$this->mark('answer_given', ['planId' => $shown, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester'])],
        )->assertJsonPath('marks.0.reason', 'plan_has_changed');
    }

    public function test_nobody_goes_ahead_beyond_what_the_client_allowed_on_arrival(): void
    {
        $visit = $this->decided();
        $shown = $this->showPlan($visit);
        $goAhead = ['planId' => $shown, 'answer' => 'yes', 'via' => 'standing', 'who' => 'Hester'];
        $this->send($visit, [$this->mark('answer_given', $goAhead)])->assertJsonPath('marks.0.reason', 'beyond_standing_permission');

        // Leave that is given once a plan was shown counts with the client's yes to it.
        $this->record($visit, 'arrival_answered', ['consent' => 'any']);
        $this->send($visit, [$this->mark('answer_given', $goAhead)])->assertJsonPath('marks.0.reason', 'plan_has_changed');
        $again = ['planId' => $this->showPlan($visit)] + $goAhead;
        $this->send($visit, [$this->mark('answer_given', $again)])->assertJsonPath('marks.0.reason', 'beyond_standing_permission');
        $this->record($visit, 'answer_given', ['via' => 'here'] + $again);
        $this->getJson("/api/visits/{$visit->id}/plan")->assertJsonPath('agreed', true)->assertJsonPath('word', null);
    }

    public function test_new_house_rules_change_no_visit_that_began_under_the_old_ones(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['armpit_l' => self::MAT]);
        $strict = new HouseRules(plan: new PlanRules(tenderPlacesClipOnly: false));
        HouseRulesVersion::query()->create(['version' => 2, 'rules' => $strict->toArray(), 'created_at' => now()]);

        self::assertNotContains(
            'demat',
            array_column($this->getJson("/api/visits/{$visit->id}/plan")->json('sections.armpit_l.options'), 'treatment'),
        );
        $later = $this->arrive();
        $this->inspect($later, ['armpit_l' => self::MAT]);
        self::assertContains(
            'demat',
            array_column($this->getJson("/api/visits/{$later->id}/plan")->json('sections.armpit_l.options'), 'treatment'),
        );
    }

    public function test_going_home_records_what_was_skipped_and_why_and_the_record_tells_it(): void
    {
        $visit = $this->decided();
        $this->send($visit, [$this->mark('handed_over', [])])->assertJsonPath('marks.0.reason', 'skipped_steps_need_a_reason');
        $this->record($visit, 'handed_over', ['skippedBecause' => 'Kept on paper']);

        $record = $this->getJson("/api/visits/{$visit->id}/record")->assertJsonPath('visit.stage', 'collected');
        Contract::holds('get', '/api/visits/{visit}/record', $record);
        self::assertStringContainsString('Kept on paper', collect($record->json('timeline'))->last()['decision']['why']);
        Contract::holds(
            'get',
            '/api/visits/{visit}/record',
            $this->getJson('/api/visits/01J00000000000000000000000/record')->assertNotFound(),
        );
        Contract::holds('get', '/api/visits/{visit}/plan', $this->getJson('/api/visits/01J00000000000000000000000/plan')->assertNotFound());
    }

    /** A dog with one mat, which is to be clipped. */
    private function decided(): Visit
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['tail' => self::MAT]);
        $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:3.2'], 'tail');

        return $visit;
    }
}

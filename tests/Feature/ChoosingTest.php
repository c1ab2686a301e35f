<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use Tests\TestCase;

final class ChoosingTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.3, 'liftMm' => 7];

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->visit = $this->arrive(null, ['slotMinutes' => 120]);
        $this->inspect($this->visit, ['tail' => self::MAT, 'chest' => self::MAT, 'hindleg_l' => self::MAT, 'armpit_l' => self::MAT]);
    }

    public function test_the_plan_screen_gets_the_frontier_with_price_and_regrowth_and_the_three_named_plans(): void
    {
        $this->inspect($this->visit, array_fill_keys(['tail', 'chest', 'hindleg_l', 'armpit_l', 'hindleg_r', 'foreleg_l', 'foreleg_r'], self::MAT));
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertOk();

        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        $plans = $plan->json('frontier.plans');
        self::assertGreaterThan(3, count($plans));
        self::assertSame([0, count($plans) - 1], [$plan->json('frontier.easiest'), $plan->json('frontier.keepCoat')]);
        self::assertNull($plan->json('frontier.shortfall'));
        foreach ($plans as $one) {
            self::assertSame(30, strlen($one['picks']));
        }
        // 24 kg; nothing is opened in the easiest plan, and more than the included ten minutes where the coat is kept.
        self::assertSame([7800, 9000], [$plans[0]['priceCents'], $plans[count($plans) - 1]['priceCents']]);
    }

    public function test_a_chosen_plan_decides_every_section_and_tells_why(): void
    {
        $this->choose('balanced');

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertTrue($plan->json('totals.complete'));
        self::assertSame(['balanced', true], [$plan->json('aim.aim'), $plan->json('aim.unchanged')]);
        self::assertSame(
            ['opening_ruled_out', 'House rule: mats here are clipped, pulling is not worth it. Loose skin falls between long teeth: 3.2 mm at most here.'],
            [$plan->json('reasons.armpit_l.why'), $plan->json('reasons.armpit_l.says')],
        );
        $balanced = $plan->json('frontier.plans')[$plan->json('frontier.balanced')];
        self::assertEqualsWithDelta(
            [$balanced['keep'], $balanced['tension'], $balanced['minutes']],
            [$plan->json('totals.coatKept'), $plan->json('totals.tension'), $plan->json('totals.minutes')],
            1e-7,
        );
        self::assertSame($balanced['priceCents'], $plan->json('price.totalCents'));
    }

    public function test_a_section_that_the_groomer_fixed_stays_so_on_the_whole_frontier_until_it_is_freed(): void
    {
        $before = $this->getJson("/api/visits/{$this->visit->id}/plan");
        $free = count($before->json('frontier.plans'));
        self::assertSame([], $before->json('frontier.unfixed'));
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:3.2'], 'tail');

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan");
        self::assertSame(['tail'], $plan->json('fixed'));
        self::assertSame(
            array_column($before->json('frontier.plans'), 'tension'),
            array_column($plan->json('frontier.unfixed'), 'tension'),
            'what it was before stays for comparison',
        );
        $at = array_search('tail', $plan->json('frontier.sections'), true);
        $code = array_search('clip:3.2', $plan->json('frontier.options.tail'), true);
        self::assertSame(
            [(string) $code],
            array_values(array_unique(array_map(fn(array $one): string => $one['picks'][$at], $plan->json('frontier.plans')))),
        );
        $this->record($this->visit, 'treatment_freed', [], 'tail');
        self::assertCount($free, $this->getJson("/api/visits/{$this->visit->id}/plan")->json('frontier.plans'));
    }

    public function test_even_legs_leave_all_legs_at_one_length(): void
    {
        $this->record($this->visit, 'even_wanted', ['groups' => ['legs']]);

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan");
        self::assertSame(['legs'], $plan->json('even'));
        self::assertNotSame([], $plan->json('frontier.plans'));
    }

    public function test_a_plan_with_something_that_is_not_offered_is_refused(): void
    {
        $choices = [...$this->choicesOf('balanced'), 'back' => 'demat'];
        $this->send(
            $this->visit,
            [$this->mark('plan_chosen', ['aim' => 'between', 'choices' => $choices])],
        )->assertJsonPath('marks.0.reason', 'not_offered');
        unset($choices['back']);
        $this->send(
            $this->visit,
            [$this->mark('plan_chosen', ['aim' => 'between', 'choices' => $choices])],
        )->assertJsonPath('marks.0.reason', 'not_offered');
    }

    public function test_a_departure_from_an_agreed_plan_needs_a_reason_and_plan_change_and_reason_stay(): void
    {
        $this->choose('balanced');
        $shown = $this->showPlan($this->visit);
        $this->record($this->visit, 'answer_given', ['planId' => $shown, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $planned = $this->choicesOf('balanced')['tail'];
        $other = $planned === 'clip:3.2' ? 'clip:6.3' : 'clip:3.2';
        $this->send(
            $this->visit,
            [$this->mark('treatment_chosen', ['treatment' => $other], 'tail')],
        )->assertJsonPath('marks.0.reason', 'departure_needs_a_reason');
        // What the table enters for the groomer is a reason as well, and no sentence in anybody's language.
        $this->record($this->visit, 'treatment_chosen', ['treatment' => $other, 'because' => 'did_not_open'], 'tail');
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertJsonPath('departures.0.because', 'did_not_open');
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);


        $this->record($this->visit, 'treatment_chosen', ['treatment' => $other, 'reason' => 'She bit at the comb'], 'tail');
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertJsonPath('agreed', false);
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertSame(
            [['tail', $planned, $other, 'She bit at the comb']],
            array_map(fn(array $one): array => [$one['section'], $one['planned'], $one['done'], $one['reason']], $plan->json('departures')),
        );
        self::assertFalse($plan->json('aim.unchanged'));
    }

    public function test_a_blade_test_sets_the_lift_and_the_plan_is_made_anew(): void
    {
        $this->record($this->visit, 'blade_tried', ['mm' => 6.3, 'result' => 'stops'], 'tail');
        self::assertEquals(3.2, $this->getJson("/api/visits/{$this->visit->id}/plan")->json('sections.tail.blades.next'));
        $this->record($this->visit, 'blade_tried', ['mm' => 3.2, 'result' => 'passes'], 'tail');

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan");
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        $clips = array_filter(
            array_column($plan->json('sections.tail.options'), 'treatment'),
            fn(string $code): bool => str_starts_with($code, 'clip'),
        );
        self::assertSame(['clip:1.5', 'clip:3.2'], array_values($clips));
    }

    public function test_where_the_shortest_blade_stops_nothing_goes_on_without_a_vet(): void
    {
        $this->record($this->visit, 'blade_tried', ['mm' => 1.5, 'result' => 'stops'], 'armpit_l');

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan");
        self::assertSame(
            [['armpit_l'], null, true],
            [$plan->json('stuck'), $plan->json('frontier'), $plan->json('sections.armpit_l.blades.needsAVet')],
        );
        // Combed anew, the old tries say nothing any more.
        $this->travel(5)->minutes();
        $this->record($this->visit, 'comb_checked', self::MAT, 'armpit_l');
        self::assertSame([], $this->getJson("/api/visits/{$this->visit->id}/plan")->json('stuck'));
    }

    public function test_when_nothing_is_feasible_it_says_which_limit_by_how_much_and_the_ways_out(): void
    {
        $this->record($this->visit, 'arrival_answered', ['slotMinutes' => 10]);

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan");
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertSame([], $plan->json('frontier.plans'));
        self::assertEquals(0, $plan->json('frontier.shortfall.tensionOver'));
        self::assertGreaterThan(10, $needed = $plan->json('frontier.shortfall.minutesNeeded'));
        $this->record($this->visit, 'arrival_answered', ['slotMinutes' => $needed]);
        self::assertNotSame([], $this->getJson("/api/visits/{$this->visit->id}/plan")->json('frontier.plans'));
        $this->record($this->visit, 'arrival_answered', ['slotMinutes' => $needed - 1]);
        self::assertSame([], $this->getJson("/api/visits/{$this->visit->id}/plan")->json('frontier.plans'));
    }

    /** @return array<string, string> */
    private function choicesOf(string $name): array
    {
        $frontier = $this->getJson("/api/visits/{$this->visit->id}/plan")->json('frontier');
        $plan = $frontier['plans'][$frontier[$name]];
        $choices = [];
        foreach ($frontier['sections'] as $index => $id) {
            $choices[$id] = $frontier['options'][$id][intval($plan['picks'][$index], 36)];
        }

        return $choices;
    }

    private function choose(string $name): void
    {
        $this->record($this->visit, 'plan_chosen', ['aim' => $name, 'choices' => $this->choicesOf($name)]);
    }
}

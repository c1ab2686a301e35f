<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use App\Salon\HouseBook;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Role;
use Tests\TestCase;

final class SeveralVisitsTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.3, 'liftMm' => 9.5];

    private const MATTED = ['breeches_l', 'breeches_r', 'hindleg_l', 'hindleg_r', 'side_l', 'side_r', 'foreleg_l'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** A client who wants no clip, and mats all over: nothing fits today. */
    private function rough(): Visit
    {
        $visit = $this->arrive(null, ['slotMinutes' => 60]);
        $this->record($visit, 'arrival_answered', ['consent' => 'never', 'weightKg' => 18]);
        $this->inspect($visit, array_fill_keys(self::MATTED, self::MAT));

        return $visit;
    }

    /** @return array{list<string>, int} left for later, visits */
    private function divide(Visit $visit): array
    {
        $plan = $this->getJson("/api/visits/{$visit->id}/plan")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        $several = $plan->json('frontier.several');
        self::assertNotNull($several);
        $later = array_values(array_merge(...array_column(array_slice($several['visits'], 1), 'sections')));
        $this->record($visit, 'plan_chosen', ['aim' => 'between', 'choices' => array_merge($several['choices'], array_fill_keys($later, 'leave'))]);
        $this->record($visit, 'visit_split', ['of' => count($several['visits']), 'later' => $later]);

        return [$later, count($several['visits'])];
    }

    public function test_what_does_not_fit_today_is_divided_told_to_the_client_and_carried_to_the_next_visit(): void
    {
        $visit = $this->rough();
        [$later, $count] = $this->divide($visit);
        $plan = $this->getJson("/api/visits/{$visit->id}/plan")
            ->assertJsonPath('totals.fitsSlot', true)
            ->assertJsonPath('totals.fitsTolerance', true)
            ->assertJsonPath('totals.complete', true)
            ->assertJsonPath('split.visit', 1)
            ->assertJsonPath('split.of', $count);
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        $matted = array_values(array_intersect($later, self::MATTED));
        self::assertNotSame([], $matted);
        self::assertEqualsCanonicalizing($matted, $plan->json('split.later'), 'what is only brushed there needs no naming');

        $this->showAndAgree($visit);
        $this->send($visit, [$this->mark('table_combed', ['comb' => 'glides', 'skinLine' => 'clear'], $later[0])])
            ->assertJsonPath('marks.0.reason', 'later_visit');
        foreach (array_diff(array_column(Section::cases(), 'value'), $later) as $section) {
            $this->record($visit, 'table_combed', ['comb' => 'glides', 'skinLine' => 'clear'], $section);
        }

        $seen = $this->getJson("/api/visits/{$visit->id}");
        Contract::holds('get', '/api/visits/{visit}', $seen);
        self::assertSame(['later_visit'], array_values(array_unique(array_column($seen->json('gate.lacks'), 'reason'))));
        $seen->assertJsonPath('gate.spongeOnly', false)
            ->assertJsonPath('needs', 'finish')
            ->assertJsonPath('split.visit', 1)
            ->assertJsonPath("table.sections.{$later[0]}.later", true);
        self::assertContains('between_visits', $seen->json('home.advised'));
        $this->send($visit, [$this->mark('bath_cleared', [])])->assertJsonPath('marks.0.reason', 'gate_shut');
        $this->send($visit, [$this->mark('bath_stepped', ['step' => 'sponged'])])->assertJsonPath('marks.0.reason', 'not_offered');

        $this->record($visit, 'aftercare_chosen', ['items' => ['between_visits']]);
        $this->record($visit, 'signed_off');
        $this->record($visit, 'handed_over', ['skippedBecause' => 'Visit 1 of 2: no bath before the last.']);

        $this->travel(3)->days();
        $next = $this->arrive($visit->dog->refresh());
        $seen = $this->getJson("/api/visits/{$next->id}")
            ->assertJsonPath('continued.visit', 2)
            ->assertJsonPath('continued.of', $count)
            ->assertJsonPath('warnings.0.concern', 'continues');
        self::assertEqualsCanonicalizing($matted, $seen->json('continued.left'));
        self::assertEqualsCanonicalizing($matted, $seen->json('warnings.0.sections'));
    }

    public function test_a_plan_that_does_all_today_after_all_leaves_nothing_for_later(): void
    {
        $visit = $this->rough();
        $this->divide($visit);
        $this->record($visit, 'arrival_answered', ['slotMinutes' => 200, 'temperament' => 'settled', 'consent' => 'any']);
        $plan = $this->getJson("/api/visits/{$visit->id}/plan");
        $options = $plan->json('frontier.options');
        $picks = str_split($plan->json('frontier.plans.0.picks'));
        $choices = array_map(fn(array $codes, string $pick): string => $codes[(int) base_convert($pick, 36, 10)], $options, $picks);
        $this->record($visit, 'plan_chosen', ['aim' => 'easiest', 'choices' => array_combine(array_keys($options), $choices)]);

        $this->getJson("/api/visits/{$visit->id}/plan")->assertJsonPath('split', null);
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('split', null);
    }

    public function test_it_is_offered_too_where_it_keeps_so_much_more_than_today_and_not_anew_once_divided(): void
    {
        $visit = $this->arrive(null, ['slotMinutes' => 90]);
        $this->record($visit, 'arrival_answered', ['consent' => 'any', 'weightKg' => 18]);
        $this->inspect($visit, array_fill_keys(self::MATTED, self::MAT));
        $frontier = $this->getJson("/api/visits/{$visit->id}/plan")->assertOk()->json('frontier');
        self::assertNull($frontier['shortfall']);
        $today = max(array_column($frontier['plans'], 'keep'));
        self::assertGreaterThanOrEqual($today + 0.1, $frontier['several']['keep']);

        // A house that wants more of it before it offers it is not told of it.
        $more = $frontier['several']['keep'] - $today + 0.001;
        (new HouseBook)->change(1, ['plan.severalKeepMore' => $more], null, $this->signIn(Role::Owner));
        $other = $this->arrive(null, ['slotMinutes' => 90]);
        $this->record($other, 'arrival_answered', ['consent' => 'any', 'weightKg' => 18]);
        $this->inspect($other, array_fill_keys(self::MATTED, self::MAT));
        $this->getJson("/api/visits/{$other->id}/plan")->assertJsonPath('frontier.several', null);

        $this->divide($visit);
        $this->getJson("/api/visits/{$visit->id}/plan")
            ->assertJsonPath('frontier.several', null)
            ->assertJsonPath('split.of', count($frontier['several']['visits']));
    }

    public function test_a_dog_that_was_not_left_half_done_begins_anew(): void
    {
        $visit = $this->rough();
        $this->divide($visit);
        $this->record($visit, 'stopped', ['reason' => 'It has had enough']);

        $this->getJson("/api/visits/{$this->arrive($visit->dog)->id}")->assertJsonPath('continued', null);
    }

    public function test_a_dog_that_is_divided_again_and_again_still_comes_in_and_is_counted_on(): void
    {
        $visit = $this->rough();
        foreach ([[2, 3, 3], [3, 4, 3], [4, 5, 3], [5, 5, 2]] as [$number, $count, $split]) {
            $this->inspect($visit, ['side_l' => self::MAT]);
            $this->record($visit, 'treatment_chosen', ['treatment' => 'leave'], 'side_l');
            $this->record($visit, 'visit_split', ['of' => $split, 'later' => ['side_l']]);
            $this->record($visit, 'handed_over', ['skippedBecause' => 'No bath before the last.']);
            $this->travel(3)->days();

            $visit = $this->arrive($visit->dog->refresh());
            $seen = $this->getJson("/api/visits/{$visit->id}")
                ->assertJsonPath('continued.visit', $number)
                ->assertJsonPath('continued.of', $count)
                ->assertJsonPath('continued.left', ['side_l']);
            Contract::holds('get', '/api/visits/{visit}', $seen);
        }
    }

    private function showAndAgree(Visit $visit): void
    {
        $codes = $this->getJson("/api/visits/{$visit->id}/plan")->json('sections');
        $shown = $this->mark('plan_shown', ['choices' => array_map(fn(array $section): string => $section['choice'], $codes)]);
        $this->send($visit, [$shown])->assertJsonPath('marks.0.outcome', 'taken');
        $this->record($visit, 'answer_given', ['planId' => $shown['id'], 'answer' => 'yes', 'via' => 'here', 'who' => 'Ada']);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use Tests\TestCase;

/** One rough dog, and every way to get it hurt: each is refused, with its sentence. */
final class KindnessTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 9.5];

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->visit = $this->arrive(null, ['slotMinutes' => 120]);
        $this->inspect($this->visit, [
            'back' => ['comb' => 'cannot_enter', 'liftMm' => 1] + self::MAT,
            'chest' => self::MAT,
            'armpit_l' => self::MAT,
            'side_l' => ['liftMm' => 3.5] + self::MAT,
            'tail' => ['comb' => 'stops', 'skinLine' => 'clear', 'opens' => 'fingers', 'mattedShare' => 0.1, 'liftMm' => 13],
            'crown' => ['opens' => 'no', 'comb' => 'cannot_enter'] + self::MAT,
        ]);
    }

    public function test_no_cut_without_a_yes(): void
    {
        $this->no('not_agreed', 'clipped', ['mm' => 9.5], 'chest');
    }

    public function test_no_cut_under_a_tight_mat_before_a_try_of_the_blade_passed(): void
    {
        $this->anyClip();
        $this->no('blade_test_first', 'clipped', ['mm' => 1.5], 'back');
        $this->record($this->visit, 'blade_tried', ['mm' => 1.5, 'result' => 'passes'], 'back');
        $this->record($this->visit, 'clipped', ['mm' => 1.5], 'back');
    }

    public function test_no_long_blade_where_loose_skin_falls_between_its_teeth(): void
    {
        $this->anyClip();
        $this->no('not_offered', 'clipped', ['mm' => 9.5], 'armpit_l');
    }

    public function test_no_thinning_where_no_comb_fits_between_mat_and_skin(): void
    {
        $this->no('not_offered', 'treatment_chosen', ['treatment' => 'thin'], 'side_l');
        $this->record($this->visit, 'mat_taken', [], 'side_l');
        $this->no('not_offered', 'mat_worked', ['outcome' => 'thinned', 'closes' => 2], 'side_l');
    }

    public function test_nothing_is_opened_that_nothing_opens_nor_a_mat_where_it_hurts(): void
    {
        $this->no('not_offered', 'treatment_chosen', ['treatment' => 'demat'], 'crown');
        $this->record($this->visit, 'finding_noted', ['kind' => 'pain'], 'chest');
        $this->no('not_offered', 'treatment_chosen', ['treatment' => 'demat'], 'chest');
    }

    public function test_no_tool_at_a_growth_a_hot_spot_or_pain_before_somebody_has_seen_it(): void
    {
        $this->anyClip();
        $this->record($this->visit, 'finding_noted', ['kind' => 'growth', 'spot' => true], 'chest');
        $this->record($this->visit, 'section_taken', [], 'chest');
        $this->no('mind_first', 'mat_taken', [], 'chest');
        $this->no('mind_first', 'clipped', ['mm' => 9.5], 'chest');
        $this->record($this->visit, 'finding_minded', [], 'chest');
        $this->record($this->visit, 'mat_taken', [], 'chest');
        $this->record($this->visit, 'finding_noted', ['kind' => 'pain', 'spot' => true], 'chest');
        $this->no('mind_first', 'table_combed', self::MAT, 'chest');
    }

    public function test_no_hand_on_a_place_that_is_a_vets(): void
    {
        $this->record($this->visit, 'finding_noted', ['kind' => 'maggots'], 'chest');
        $this->anyClip();
        $this->no('held_for_vet', 'table_combed', self::MAT, 'chest');
        $this->no('held_for_vet', 'clipped', ['mm' => 3.2], 'chest');
        $this->no('gate_shut', 'bath_cleared');
    }

    public function test_no_bath_over_a_tangle(): void
    {
        $this->anyClip();
        $this->no('gate_shut', 'bath_cleared');
        $this->no('no_waiver_for_mats', 'waived', ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'Only one'], 'tail');
        $this->no('gate_shut', 'bath_stepped', ['step' => 'rinsed_first']);
    }

    public function test_nothing_past_what_the_dog_can_bear(): void
    {
        $this->record($this->visit, 'reacted', ['signal' => 'snaps']);
        $this->no('dematting_over', 'mat_taken', [], 'chest');
    }

    public function test_a_wet_dog_is_rinsed_whatever_is_found(): void
    {
        $visit = $this->arrive(null, ['slotMinutes' => 120]);
        $this->inspect($visit, []);
        $this->record($visit, 'bath_cleared');
        $this->record($visit, 'bath_stepped', ['step' => 'rinsed_first']);
        $this->record($visit, 'finding_noted', ['kind' => 'open_skin'], 'belly');
        $this->record($visit, 'bath_stepped', ['step' => 'lathered', 'product' => 'mild']);
        $this->record($visit, 'bath_stepped', ['step' => 'rinsed_out']);
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('stage', 'bathed');
    }

    public function test_a_dog_that_stands_for_little_is_planned_with_its_rests(): void
    {
        $this->record($this->visit, 'arrival_answered', ['health' => ['joint_pain'], 'firstGroom' => true]);
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertOk();

        self::assertSame([20, 5, 100], [$plan->json('standing.minutes'), $plan->json('standing.restMinutes'), $plan->json('standing.workingMinutes')]);
        foreach ($plan->json('frontier.plans') as $one) {
            self::assertLessThanOrEqual(100, $one['minutes']);
        }
        self::assertEqualsWithDelta(0.7, $plan->json('tolerance.trustFactor'), 1e-9);
    }

    public function test_a_rest_is_asked_of_a_dog_that_has_stood_as_long_as_it_should_and_nothing_pulls_on_its_back(): void
    {
        $this->record($this->visit, 'arrival_answered', ['health' => ['joint_pain']]);
        $this->record($this->visit, 'section_taken', [], 'chest');
        $this->travel(21)->minutes();
        $this->record($this->visit, 'misted', [], 'chest');
        $feet = $this->getJson("/api/visits/{$this->visit->id}")->json('feet');
        self::assertGreaterThan(20 * 60, $feet['seconds']);
        self::assertSame([20, 5], [$feet['standsMinutes'], $feet['restMinutes']], 'the screens ask for the rest');

        $this->record($this->visit, 'rest_began');
        $this->travel(5)->minutes();
        $this->record($this->visit, 'posture_taken', ['posture' => 'back']);
        self::assertSame([0, 1], [(int) $this->getJson("/api/visits/{$this->visit->id}")->json('feet.seconds'), $this->getJson("/api/visits/{$this->visit->id}")->json('feet.rests')]);
        $this->no('lies_on_its_back', 'mat_taken', [], 'chest');
    }

    public function test_a_dog_that_snapped_last_time_is_wary_until_one_calm_visit(): void
    {
        $factor = fn(Visit $visit): float => $this->getJson("/api/visits/{$visit->id}/plan")->json('tolerance.trustFactor');
        $this->record($this->visit, 'reacted', ['signal' => 'snaps']);
        $this->record($this->visit, 'stopped', ['reason' => 'It has had enough']);
        $next = $this->arrive($this->visit->dog);
        self::assertEqualsWithDelta(0.7, $factor($next), 1e-9);

        $this->record($next, 'stopped', ['reason' => 'Home for today']);
        self::assertEqualsWithDelta(1.0, $factor($this->arrive($this->visit->dog)), 1e-9);
    }

    /** The client allows any clip: what is refused now is not for want of a yes. */
    private function anyClip(): void
    {
        $this->record($this->visit, 'arrival_answered', ['consent' => 'any']);
    }

    /** @param array<string, mixed> $payload */
    private function no(string $reason, string $kind, array $payload = [], ?string $section = null): void
    {
        $answer = $this->send($this->visit, [$this->mark($kind, $payload, $section)])->assertJsonPath('marks.0.reason', $reason);
        self::assertStringEndsWith('.', (string) $answer->json('marks.0.message'), 'a sentence says why');
    }
}

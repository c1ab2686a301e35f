<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Role;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The second way through a visit: light check, wash, blow out, line brushing on the clean dry coat. */
final class LightCheckTest extends TestCase
{
    private const DRAG = ['comb' => 'catches', 'skinLine' => 'clear'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn(Role::Owner);
        $version = $this->getJson('/api/house-rules')->json('version');
        $this->postJson('/api/house-rules', ['base' => $version, 'changes' => ['schools.order' => 'light_check_first']])->assertSuccessful();
    }

    public function test_a_dog_without_a_tangle_goes_from_the_check_to_the_bath_and_is_line_brushed_dry(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['breeches_l' => self::DRAG, 'tail' => self::DRAG]);
        $this->see($visit)->assertJsonPath('table.scopes.0', 'light_check_first');
        $this->record($visit, 'feet_planned', ['reason' => 'Used to it, with two rests']);
        $this->record($visit, 'run_started', ['scope' => 'light_check_first']);

        $seen = $this->see($visit);
        Contract::holds('get', '/api/visits/{visit}', $seen);
        $seen->assertJsonPath('gate.open', true)->assertJsonPath('table.route', []);
        $this->record($visit, 'bath_cleared');
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $this->record($visit, 'bath_stepped', ['step' => $step]);
        }
        $this->record($visit, 'dry_started', ['method' => 'dryer']);
        foreach ($this->see($visit)->json('bath.areas') as $area) {
            $this->record($visit, 'dried', ['area' => $area['area']]);
        }
        self::assertCount(30, $this->see($visit)->json('bath.toCombAgain'));
        foreach (Section::cases() as $section) {
            $this->record($visit, 'second_combed', ['comb' => 'glides', 'skinLine' => 'clear'], $section->value);
        }
        $this->record($visit, 'aftercare_chosen', ['items' => []]);
        $this->record($visit, 'signed_off');
        $this->record($visit, 'handed_over');
        $this->see($visit)->assertJsonPath('stage', 'collected')->assertJsonPath('home.skipped', []);
    }

    public function test_a_tangle_anywhere_or_another_house_has_no_light_check(): void
    {
        $tangled = $this->arrive();
        $this->inspect($tangled, ['tail' => ['comb' => 'stops', 'skinLine' => 'clear', 'opens' => 'fingers']]);
        self::assertNotContains('light_check_first', $this->see($tangled)->json('table.scopes'));
        $this->no($tangled);

        $this->postJson('/api/house-rules', ['base' => $this->getJson('/api/house-rules')->json('version'), 'changes' => ['schools.order' => 'brush_first']])
            ->assertSuccessful();
        $clear = $this->arrive();
        $this->inspect($clear);
        $this->no($clear);
    }

    public function test_a_mat_that_is_found_after_all_shuts_the_gate(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit, ['tail' => self::DRAG]);
        $this->record($visit, 'feet_planned', ['reason' => 'Used to it, with two rests']);
        $this->record($visit, 'run_started', ['scope' => 'light_check_first']);
        $this->record($visit, 'mat_parked', [], 'chest');
        $this->see($visit)->assertJsonPath('gate.lacks.0.reason', 'mat_parked');
        $this->record($visit, 'table_combed', ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers'], 'groin');
        self::assertContains('comb_failed', array_column($this->see($visit)->json('gate.lacks'), 'reason'));
        $this->send($visit, [$this->mark('bath_cleared', [])])->assertJsonPath('marks.0.reason', 'gate_shut');
    }

    private function no(Visit $visit): void
    {
        $this->send($visit, [$this->mark('run_started', ['scope' => 'light_check_first'])])->assertJsonPath('marks.0.reason', 'not_offered');
    }

    private function see(Visit $visit): TestResponse
    {
        return $this->getJson("/api/visits/{$visit->id}")->assertOk();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use HoundCheck\Core\Coat\Section;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class DogYearsTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-02 09:00:00');
        $this->signIn();
    }

    public function test_a_dogs_page_tells_its_ended_visits_its_skin_and_how_it_is_to_handle(): void
    {
        $dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 60, 'weight_kg' => 12]);
        $this->visit($dog, ['tail' => 'looks'], 12.4);
        $this->travel(40)->days();
        $this->visit($dog, ['tail' => 'mouths'], 12.9);
        $this->travel(40)->days();
        $here = $this->arrive($dog);
        $this->record($here, 'finding_noted', ['kind' => 'redness'], 'belly');

        $answer = $this->getJson("/api/dogs/{$dog->id}/years")->assertOk();
        Contract::holds('get', '/api/dogs/{dog}/years', $answer);
        $years = $answer->json();

        self::assertSame(['2026-03-02', '2026-04-11'], array_map(fn(array $visit): string => substr($visit['at'], 0, 10), $years['visits']), 'the one that goes on is not among them');
        self::assertSame([12.4, 12.9], array_column($years['visits'], 'weightKg'));
        self::assertSame([60.0, 9.5], [(float) $years['visits'][0]['cameMm']['tail'], (float) $years['visits'][0]['leftMm']['tail']]);
        self::assertEqualsWithDelta(25, $years['visits'][1]['cameMm']['tail'], 0.5, 'a clip grows back');
        self::assertSame(
            [['tail', 'mouths', 1], ['tail', 'looks', 1]],
            array_map(fn(array $one): array => [$one['section'], $one['signal'], $one['visits']], $years['handling']['signals']),
            'the latest first',
        );
        self::assertSame([['belly', 'redness', null]], array_map(fn(array $one): array => [$one['section'], $one['kind'], $one['closedAt']], $years['findings']));
        self::assertSame(1, $years['next']['inspections']);
    }

    public function test_a_dog_that_was_never_here_has_an_empty_page(): void
    {
        $dog = Dog::factory()->create();

        $years = $this->getJson("/api/dogs/{$dog->id}/years")->assertOk()->json();

        self::assertSame([[], null, [], []], [$years['visits'], $years['next'], $years['findings'], $years['handling']['signals']]);
    }

    public function test_a_signal_that_was_taken_back_is_not_told(): void
    {
        $dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 60]);
        $visit = $this->visit($dog, [], 12, end: false);
        $signal = $this->record($visit, 'reacted', ['signal' => 'snaps'], 'tail');
        $this->record($visit, 'withdrawn', ['markId' => $signal]);
        $this->record($visit, 'stopped', ['reason' => 'Enough.']);

        self::assertSame([], $this->getJson("/api/dogs/{$dog->id}/years")->json('handling.signals'));
    }

    /** @param array<string, string> $signals by section id */
    private function visit(Dog $dog, array $signals, float $weightKg, bool $end = true): \App\Models\Visit
    {
        $visit = $this->arrive($dog);
        $this->record($visit, 'arrival_answered', ['weightKg' => $weightKg, 'homeBrushing' => 'none']);
        $this->inspect($visit, ['tail' => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 12]]);
        $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:9.5'], 'tail');
        $plan = $this->showPlan($visit);
        $this->record($visit, 'answer_given', ['planId' => $plan, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $this->record($visit, 'run_started', ['scope' => 'whole_coat']);
        foreach ($signals as $section => $signal) {
            $this->record($visit, 'reacted', ['signal' => $signal], $section);
        }
        $this->record($visit, 'section_taken', [], 'tail');
        $this->record($visit, 'clipped', ['mm' => 9.5], 'tail');
        foreach (Section::cases() as $section) {
            $this->record($visit, 'table_combed', ['comb' => 'glides', 'skinLine' => 'clear'], $section->value);
        }
        if ($end) {
            $this->record($visit, 'stopped', ['reason' => 'Bath at home.']);
        }

        return $visit;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Visit;
use App\Visits\MemoryBook;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class NextVisitTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
    }

    public function test_each_interval_says_what_it_brings_and_the_suggested_one_is_the_longest_that_keeps_the_coat(): void
    {
        $visit = $this->groomed($this->dog());

        $next = $this->getJson("/api/visits/{$visit->id}/next-visit")->assertOk()->json();

        self::assertSame([1, 2, 3, 4, 5, 6, 8, 10, 12], array_column($next['intervals'], 'weeks'));
        $kept = array_filter($next['intervals'], fn(array $one): bool => $one['limits'] === [] && $one['weeks'] <= $next['mostWeeks']);
        self::assertSame(max(array_column($kept, 'weeks')), $next['suggestedWeeks']);
        self::assertCount(36, $next['keepable']);
        self::assertCount(30, $next['intervals'][0]['places']);
        foreach ([['minutes', 1], ['pulling', 1], ['matsSeen', 1], ['lost', 1]] as [$what, $sign]) {
            $values = array_column($next['intervals'], $what);
            $rising = $values;
            sort($rising);
            self::assertSame($rising, $values, "{$what} never falls as the weeks go");
        }
    }

    public function test_what_the_inspection_finds_teaches_the_clock_at_the_next_visit(): void
    {
        $dog = $this->dog();
        $this->groomed($dog);
        $this->travel(42)->days();
        $matted = array_fill_keys(array_column(Section::cases(), 'value'), ['comb' => 'cannot_enter', 'skinLine' => 'patchy', 'mattedShare' => 0.3, 'liftMm' => 6]);
        $second = $this->arrive($dog);
        $before = $this->getJson("/api/visits/{$second->id}")->json();
        self::assertSame(42, $before['expected']['days']);
        self::assertFalse($before['expected']['own'], 'one comb-out is no interval yet');

        $this->inspect($second, $matted);

        $next = $this->getJson("/api/visits/{$second->id}/next-visit")->json();
        self::assertSame(1, $next['inspections']);
        self::assertGreaterThan($next['intervals'][5]['usualTangles'] + 3, $next['intervals'][5]['tangles'], 'this dog mats faster than most');
        self::assertSame(['pace' => 'faster', 'early' => true], array_diff_key($next['clock'], ['where' => 1]));
        $said = $this->getJson("/api/visits/{$second->id}")->json('expected');
        self::assertSame($before['expected'], $said, 'what was known before the comb stays what was said');
    }

    public function test_the_next_arrival_starts_from_the_lengths_that_were_left_grown_and_says_since_when(): void
    {
        $dog = $this->dog();
        $this->groomed($dog, ['wantedMm' => 30]);
        $this->travel(61)->days();

        $visit = $this->getJson('/api/visits/'.$this->arrive($dog)->id)->json();

        self::assertSame(54.0, (float) $visit['dog']['coatMm'], '30 mm and two months of twelve');
        self::assertSame('2026-06-09', $visit['dog']['lengthsFrom']);
        self::assertSame(60.0, $dog->refresh()->coat_mm, 'a guess does not change the card');
    }

    public function test_measured_lengths_go_before_the_guess(): void
    {
        $dog = $this->dog();
        $this->groomed($dog, ['wantedMm' => 30]);
        $this->travel(61)->days();
        $visit = $this->arrive($dog);
        $this->record($visit, 'arrival_answered', ['coatMm' => 50, 'sectionMm' => ['tail' => 80]]);

        $sections = $this->getJson("/api/visits/{$visit->id}")->json('sections');

        self::assertSame([50.0, 80.0], [(float) $sections['back']['lengthMm'], (float) $sections['tail']['lengthMm']]);
    }

    public function test_the_dog_remembers_when_each_section_was_combed_out_and_forgets_when_the_visit_goes_on_after_all(): void
    {
        $dog = $this->dog();
        $visit = $this->groomed($dog);
        self::assertSame(30, DB::table('combed_out')->where('dog_id', $dog->id)->count());
        self::assertSame(1, DB::table('dog_memories')->where('dog_id', $dog->id)->count());
        $home = $visit->marks()->where('kind', 'handed_over')->value('id');

        $this->record($visit, 'withdrawn', ['markId' => $home]);

        self::assertSame(0, DB::table('combed_out')->where('dog_id', $dog->id)->count());
        self::assertNull(app(MemoryBook::class)->report($dog));
    }

    public function test_the_kept_report_is_made_anew_when_rules_or_card_change(): void
    {
        $dog = $this->dog();
        $this->groomed($dog);
        $report = fn(): ?array => app(MemoryBook::class)->report($dog->refresh());
        $first = $report();
        self::assertNotNull($first);
        DB::table('dog_memories')->update(['report' => '{"kept": true}']);
        self::assertSame(['kept' => true], $report(), 'kept, not worked out again');

        $dog->fill(['temperament' => 'mouthy'])->moveOn();

        $anew = $report() ?? [];
        self::assertLessThan($first['tolerance'], $anew['tolerance']);
    }

    public function test_what_the_client_hears_is_kept_beside_what_was_suggested_and_can_be_taken_back(): void
    {
        $visit = $this->groomed($this->dog(), end: false);
        $chosen = $this->record($visit, 'next_visit_chosen', ['weeks' => 6, 'suggestedWeeks' => 4, 'wishedWeeks' => 8]);

        $home = $this->getJson("/api/visits/{$visit->id}")->json('home');
        self::assertSame([6, 4, 8], [$home['nextVisit']['weeks'], $home['nextVisit']['suggestedWeeks'], $home['nextVisit']['wishedWeeks']]);

        $this->record($visit, 'withdrawn', ['markId' => $chosen]);
        self::assertNull($this->getJson("/api/visits/{$visit->id}")->json('home.nextVisit'));
    }

    private function dog(): Dog
    {
        return Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 60, 'section_mm' => [], 'weight_kg' => 12, 'temperament' => 'easy', 'health' => []]);
    }

    /** @param array<string, mixed> $answers */
    private function groomed(Dog $dog, array $answers = [], bool $end = true): Visit
    {
        $visit = $this->arrive($dog);
        $this->record($visit, 'arrival_answered', ['homeBrushing' => 'none', ...$answers]);
        $this->inspect($visit);
        $plan = $this->showPlan($visit);
        $this->record($visit, 'answer_given', ['planId' => $plan, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $this->record($visit, 'run_started', ['scope' => 'whole_coat']);
        foreach (Section::cases() as $section) {
            $this->record($visit, 'section_taken', [], $section->value);
            $this->record($visit, 'table_combed', ['comb' => 'glides', 'skinLine' => 'clear'], $section->value);
        }
        $this->record($visit, 'bath_cleared');
        foreach (BathStep::ofEveryBath() as $step) {
            $this->record($visit, 'bath_stepped', ['step' => $step->value, ...($step === BathStep::Lathered ? ['product' => 'mild'] : [])]);
        }
        $this->record($visit, 'dry_started', ['method' => 'dryer']);
        foreach (DryArea::cases() as $area) {
            $this->record($visit, 'dried', ['area' => $area->value]);
        }
        foreach (Section::cases() as $section) {
            $this->record($visit, 'second_combed', ['comb' => 'glides', 'skinLine' => 'clear', 'fine' => 'glides'], $section->value);
        }
        $this->record($visit, 'aftercare_chosen', ['items' => []]);
        $this->record($visit, 'signed_off');
        if ($end) {
            $this->record($visit, 'handed_over');
        }

        return $visit;
    }
}

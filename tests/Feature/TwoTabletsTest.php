<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Two tablets that did not see one another: neither answer wins by having come last. */
final class TwoTabletsTest extends TestCase
{
    private const CLEAR = ['comb' => 'glides', 'skinLine' => 'clear'];

    private const DRAG = ['comb' => 'catches', 'skinLine' => 'clear'];

    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.25, 'liftMm' => 7];

    private const PELTED = ['comb' => 'cannot_enter', 'skinLine' => 'hidden', 'mattedShare' => 0.8];

    private Visit $visit;

    private string $imke;

    private string $teo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
        $this->visit = $this->arrive();
        $this->record($this->visit, 'arrival_answered', ['consent' => 'any']);
        [$this->imke, $this->teo] = [(string) Str::ulid(), (string) Str::ulid()];
    }

    public static function twoAnswers(): \Generator
    {
        yield 'the issue: glides offline, pelted online' => [self::CLEAR, self::PELTED, 5];
        yield 'a mat and a drag' => [self::MAT, self::DRAG, 3];
    }

    #[DataProvider('twoAnswers')]
    public function test_the_worse_stands_in_either_order_of_arrival_and_both_are_asked(array $one, array $other, int $worse): void
    {
        foreach ([[$one, $other], [$other, $one]] as [$first, $second]) {
            $visit = $this->arrive();
            $seen = $this->number($visit);
            $this->tell($visit, $this->imke, $seen, 'comb_checked', $first, 'tail');
            $this->tell($visit, $this->teo, $seen, 'comb_checked', $second, 'tail');

            $told = $this->told($visit);
            self::assertSame($worse, $told['sections']['tail']['grade']);
            self::assertSame(['tail'], array_column($told['twoAnswers'], 'section'));
            self::assertCount(2, $told['twoAnswers'][0]['answers']);
            $standing = array_column($told['twoAnswers'][0]['answers'], 'grade', 'id')[$told['twoAnswers'][0]['stands']];
            self::assertSame($worse, $standing);
        }
    }

    public function test_who_had_seen_the_other_answers_anew_and_nobody_is_asked(): void
    {
        $this->tell($this->visit, $this->imke, $this->number($this->visit), 'comb_checked', self::PELTED, 'tail');
        $this->tell($this->visit, $this->teo, $this->number($this->visit), 'comb_checked', self::CLEAR, 'tail');
        self::assertSame(0, $this->told($this->visit)['sections']['tail']['grade']);
        self::assertSame([], $this->told($this->visit)['twoAnswers']);

        // One tablet answers one place again and again without having heard of the server in between.
        $seen = $this->number($this->visit);
        $this->tell($this->visit, $this->teo, $seen, 'comb_checked', self::MAT, 'tail');
        $this->tell($this->visit, $this->teo, $seen, 'comb_checked', self::CLEAR, 'tail');
        self::assertSame([], $this->told($this->visit)['twoAnswers']);
    }

    public function test_the_same_answer_twice_is_no_question_and_the_smaller_lift_stands_where_it_is_not(): void
    {
        $seen = $this->number($this->visit);
        $this->tell($this->visit, $this->imke, $seen, 'comb_checked', self::MAT, 'tail');
        $this->tell($this->visit, $this->teo, $seen, 'comb_checked', self::MAT, 'tail');
        self::assertSame([], $this->told($this->visit)['twoAnswers']);

        $this->tell($this->visit, $this->imke, $seen, 'comb_checked', [...self::MAT, 'liftMm' => 4], 'back');
        $this->tell($this->visit, $this->teo, $seen, 'comb_checked', self::MAT, 'back');
        $told = $this->told($this->visit);
        self::assertSame(['back'], array_column($told['twoAnswers'], 'section'));
        self::assertEquals(4, $told['sections']['back']['check']['liftMm']);
    }

    public function test_both_sets_of_findings_stand(): void
    {
        $seen = $this->number($this->visit);
        $this->tell($this->visit, $this->imke, $seen, 'finding_noted', ['kind' => 'redness'], 'tail');
        $this->tell($this->visit, $this->teo, $seen, 'finding_noted', ['kind' => 'growth'], 'tail');
        self::assertEqualsCanonicalizing(['redness', 'growth'], array_column($this->told($this->visit)['findings'], 'kind'));
    }

    public function test_nothing_is_cut_there_before_one_touch_decides_and_undo_brings_both_back(): void
    {
        $this->inspect($this->visit, ['tail' => self::PELTED, 'crown' => self::PELTED]);
        $seen = $this->number($this->visit);
        $this->tell($this->visit, $this->imke, $seen, 'comb_checked', self::MAT, 'tail');
        $this->tell($this->visit, $this->teo, $seen, 'comb_checked', self::PELTED, 'tail');

        $cut = fn(string $place): string => $this->tell($this->visit, $this->teo, $seen, 'clipped', ['mm' => 1.5], $place, false)['reason'] ?? 'taken';
        $this->passBlade('tail');
        $this->passBlade('crown');
        self::assertSame('two_answers', $cut('tail'));
        self::assertSame('taken', $cut('crown'), 'elsewhere the work goes on');

        $answers = $this->told($this->visit)['twoAnswers'][0]['answers'];
        $decided = $this->tell($this->visit, $this->teo, $this->number($this->visit), 'comb_checked', $answers[1]['payload'], 'tail');
        self::assertSame([], $this->told($this->visit)['twoAnswers']);
        self::assertSame(5, $this->told($this->visit)['sections']['tail']['grade']);

        $this->tell($this->visit, $this->teo, $this->number($this->visit), 'withdrawn', ['markId' => $decided['id']]);
        self::assertCount(2, $this->told($this->visit)['twoAnswers'][0]['answers']);

        $this->tell($this->visit, $this->teo, $this->number($this->visit), 'comb_checked', $answers[1]['payload'], 'tail');
        $this->passBlade('tail');
        self::assertSame('taken', $cut('tail'));

        $kinds = array_count_values(array_column($this->getJson("/api/visits/{$this->visit->id}/record")->json('timeline'), 'kind'));
        self::assertSame(34, $kinds['comb_checked'], 'every answer stays in the record');
    }

    public function test_at_the_table_a_pass_proves_nothing_against_a_stop_it_had_not_seen(): void
    {
        foreach ([['pass', 'stop'], ['stop', 'pass']] as $order) {
            $visit = $this->arrive();
            $this->inspect($visit, ['tail' => [...self::MAT, 'opens' => 'fingers']]);
            $this->record($visit, 'run_started', ['scope' => 'whole_coat']);
            $seen = $this->number($visit);
            foreach ($order as $index => $which) {
                $this->tell($visit, $index === 0 ? $this->imke : $this->teo, $seen, 'table_combed', $which === 'pass' ? self::CLEAR : self::MAT, 'tail');
            }
            $told = $this->told($visit);
            self::assertSame(['tail'], array_column($told['twoAnswers'], 'section'), implode(', then ', $order));
            self::assertContains('tail', array_column($told['gate']['lacks'], 'section'));
            $this->tell($visit, $this->imke, $this->number($visit), 'table_combed', self::CLEAR, 'tail');
            self::assertNotContains('tail', array_column($this->told($visit)['gate']['lacks'], 'section'));
        }
    }

    public function test_a_grade_of_ones_own_and_the_second_check_are_weighed_alike(): void
    {
        $this->inspect($this->visit, ['tail' => self::MAT]);
        $seen = $this->number($this->visit);
        foreach ([[$this->imke, 4], [$this->teo, 2]] as [$device, $grade]) {
            $this->tell($this->visit, $device, $seen, 'grade_judged', ['grade' => $grade, 'instead' => 3, 'reason' => 'By hand'], 'tail');
        }
        $told = $this->told($this->visit);
        self::assertSame(4, $told['sections']['tail']['inForce']);
        self::assertSame('grade_judged', $told['twoAnswers'][0]['answers'][0]['kind']);

        $visit = $this->arrive();
        $this->inspect($visit);
        $this->record($visit, 'bath_cleared');
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $this->record($visit, 'bath_stepped', $step === 'lathered' ? ['step' => $step, 'product' => 'mild'] : ['step' => $step]);
        }
        $this->record($visit, 'dry_started', ['method' => 'dryer']);
        foreach ($this->told($visit)['bath']['areas'] as $area) {
            $this->record($visit, 'dried', ['area' => $area['area']]);
        }
        $seen = $this->number($visit);
        $this->tell($visit, $this->imke, $seen, 'second_combed', self::DRAG, 'tail');
        $this->tell($visit, $this->teo, $seen, 'second_combed', self::CLEAR, 'tail');
        self::assertContains('tail', $this->told($visit)['bath']['toCombAgain']);
        self::assertSame('second_combed', $this->told($visit)['twoAnswers'][0]['answers'][0]['kind']);
    }

    public function test_what_a_device_had_seen_outlives_a_rebuild_and_is_no_number_of_another_kind(): void
    {
        $seen = $this->number($this->visit);
        $this->tell($this->visit, $this->imke, $seen, 'comb_checked', self::PELTED, 'tail');
        $this->tell($this->visit, $this->teo, $seen, 'comb_checked', self::CLEAR, 'tail');
        // Arrival and the answer to it.
        self::assertSame([2, 2], DB::table('marks')->where('kind', 'comb_checked')->pluck('seen')->map(fn($one): int => (int) $one)->all());
        $rows = DB::table('visits')->get();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($rows, DB::table('visits')->get());

        foreach ([-1, 1.5, 'all', []] as $strange) {
            $mark = [...$this->mark('comb_checked', self::CLEAR, 'back'), 'seen' => $strange];
            $this->send($this->visit, [$mark])->assertJsonPath('marks.0.outcome', 'refused');
        }
    }

    private function passBlade(string $place): void
    {
        $this->signIn(Role::Groomer);
        $this->tell($this->visit, $this->teo, $this->number($this->visit), 'blade_tried', ['mm' => 1.5, 'result' => 'passes'], $place, false);
    }

    /** @return array<string, mixed> what the server answered about it */
    private function tell(Visit $visit, string $device, int $seen, string $kind, array $payload, ?string $section = null, bool $taken = true): array
    {
        $this->travel(3)->seconds();
        $mark = [...$this->mark($kind, $payload, $section), 'device' => $device, 'seen' => $seen];
        $answer = $this->send($visit, [$mark])->assertOk()->json('marks.0');
        if ($taken) {
            self::assertSame('taken', $answer['outcome'], json_encode($answer));
        }

        return $answer;
    }

    private function number(Visit $visit): int
    {
        return $this->told($visit)['number'];
    }

    /** @return array<string, mixed> */
    private function told(Visit $visit): array
    {
        $answer = $this->getJson("/api/visits/{$visit->id}")->assertOk();
        Contract::holds('get', '/api/visits/{visit}', $answer);

        return $answer->json();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Arrival\VisitHasNotArrived;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Gate\MarkGate;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\Readings;
use HoundCheck\Core\Visit\Stage;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitReport;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OneSalon;

final class VisitFoldTest extends TestCase
{
    private int $count = 0;

    public function test_the_latest_comb_check_counts_and_undoing_it_brings_the_earlier_one_back(): void
    {
        $first = $this->comb('tail', ['comb' => 'glides', 'skinLine' => 'clear']);
        $second = $this->comb('tail', ['comb' => 'stops']);
        $undo = $this->mark(MarkKind::Withdrawn, ['markId' => $second->id]);

        self::assertSame(Comb::Stops, VisitFold::of([$this->arrived(), $first, $second])->combed->checks['tail']->what->check->comb);
        $undone = VisitFold::of([$this->arrived(), $first, $second, $undo])->combed->checks;
        self::assertSame(Comb::Glides, $undone['tail']->what->check->comb);
    }

    public function test_a_pass_that_had_not_seen_a_stop_is_kept_in_the_ledger_once_and_proves_nothing(): void
    {
        $comb = $this->comb('tail', ['comb' => 'stops']);
        $stop = $this->mark(MarkKind::TableCombed, ['comb' => 'stops', 'skinLine' => 'patchy'], 'tail');
        $pass = $this->mark(MarkKind::TableCombed, ['comb' => 'glides', 'skinLine' => 'clear'], 'tail', device: 'another')->saw(2);
        $ledger = VisitFold::of([$this->arrived(), $comb, $this->mark(MarkKind::RunStarted, ['scope' => 'whole_coat']), $stop, $pass])->run->at(Section::Tail);

        self::assertSame([$comb->id, $stop->id, $pass->id], array_column($ledger->grades, 'markId'));
        self::assertNull($ledger->proof);
        self::assertSame(Comb::Stops, $ledger->asking?->comb);
    }

    public function test_the_same_marks_always_give_the_same_state(): void
    {
        $marks = [$this->arrived(), $this->comb('tail', ['comb' => 'stops']), $this->mark(MarkKind::NoteWritten, ['text' => 'Sings'])];

        self::assertEquals(VisitFold::of($marks), VisitFold::of($marks));
    }

    public function test_an_arrival_answer_given_anew_replaces_the_old_one_and_leaves_the_others(): void
    {
        $state = VisitFold::of([
            $this->arrived(),
            $this->mark(MarkKind::ArrivalAnswered, ['weightKg' => 13.4, 'consent' => 'hidden', 'gear' => ['collar']]),
            $this->mark(MarkKind::ArrivalAnswered, ['consent' => 'any', 'gear' => null]),
        ]);

        self::assertSame(13.4, $state->dog()->weightKg);
        self::assertSame(ClipConsent::Any, $state->arrival->consent());
        self::assertNull($state->arrival->answers->gear);
    }

    public function test_until_the_client_said_otherwise_each_clip_is_asked_first(): void
    {
        self::assertSame(ClipConsent::Ask, VisitFold::of([$this->arrived()])->arrival->consent());
    }

    public function test_an_open_finding_reaches_the_plan_and_a_closed_one_does_not(): void
    {
        $finding = $this->mark(MarkKind::FindingNoted, ['kind' => 'hot_spot'], 'tail');
        $closed = $this->mark(MarkKind::FindingClosed, ['findingId' => $finding->id]);
        $rules = HouseRules::shop();

        self::assertTrue((new Readings(
            VisitFold::of([$this->arrived(), $finding]),
            new Known($rules, []),
        ))->atInspection()->sections['tail']->has(FindingKind::HotSpot));
        self::assertArrayNotHasKey(
            'tail',
            (new Readings(VisitFold::of([$this->arrived(), $finding, $closed]), new Known($rules)))->atInspection()->sections,
        );
        self::assertTrue((new Readings(
            VisitFold::of([$this->arrived()]),
            new Known($rules, ['tail' => ['F1' => new OpenFinding(FindingKind::HotSpot)]]),
        ))->atInspection()->sections['tail']->has(FindingKind::HotSpot));
    }

    public function test_without_an_arrival_there_is_no_visit(): void
    {
        $this->expectException(VisitHasNotArrived::class);
        VisitFold::of([$this->comb('tail', ['comb' => 'glides'])]);
    }

    public function test_the_stage_follows_the_work(): void
    {
        $marks = [$this->arrived()];
        self::assertSame(Stage::Arrived, $this->stage($marks));
        $marks = [...$marks, ...$this->allClear()];
        self::assertSame(Stage::Inspecting, $this->stage($marks));
        $shown = $this->planShown($marks);
        $marks[] = $shown;
        self::assertSame(Stage::Planned, $this->stage($marks));
        $marks[] = $this->yesTo($shown);
        self::assertSame(Stage::Agreed, $this->stage($marks));
        $marks[] = $this->mark(MarkKind::HandedOver, ['skippedBecause' => 'On paper']);
        self::assertSame(Stage::Collected, $this->stage($marks));
    }

    public function test_the_hands_on_the_dog_are_those_that_comb_it_and_a_note_from_the_office_is_none(): void
    {
        $hands = fn(Mark ...$marks): ?string => VisitFold::of([$this->arrived(), ...$marks])->hands->of;
        $combed = $this->mark(MarkKind::CombChecked, ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        $note = $this->mark(MarkKind::NoteWritten, ['text' => 'Collected by a neighbour'], by: 'Office');
        $health = $this->mark(MarkKind::ArrivalAnswered, ['health' => ['joint_pain']], by: 'Office');

        self::assertNull($hands($note));
        self::assertSame('Imke', $hands($combed, $note, $health));
        self::assertSame('Teo', $hands($combed, $this->mark(MarkKind::SectionTaken, [], 'tail', by: 'Teo'), $note));
    }

    public function test_a_yes_holds_only_for_exactly_what_was_shown(): void
    {
        $marks = [$this->arrived(), ...$this->allClear()];
        $shown = $this->planShown($marks);
        $marks = [...$marks, $shown, $this->yesTo($shown)];
        $changed = [...$marks, $this->mark(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'tail')];

        self::assertSame(Stage::Agreed, $this->stage($marks));
        self::assertSame(Stage::Planned, $this->stage($changed));
    }

    public function test_an_answer_to_an_older_plan_says_nothing_about_the_new_one(): void
    {
        $marks = [$this->arrived(), ...$this->allClear()];
        $old = $this->planShown($marks);
        $new = $this->planShown($marks);
        $state = VisitFold::of([...$marks, $old, $new, $this->yesTo($old)]);

        self::assertNull($state->agreement->answer);
        self::assertSame(ClientAnswer::Yes, VisitFold::of([...$marks, $old, $new, $this->yesTo($new)])->agreement->answer?->what->answer);
    }

    #[DataProvider('refusals')]
    public function test_a_mark_that_makes_no_sense_now_is_refused_and_says_why(Refusal $expected, \Closure $scene): void
    {
        [$marks, $mark] = $scene($this);

        self::assertSame($expected, $this->gate($marks)->refusal($mark));
    }

    /** @return iterable<string, array{Refusal, \Closure(self): array{list<Mark>, Mark}}> */
    public static function refusals(): iterable
    {
        yield 'arriving twice' => [Refusal::AlreadyArrived, fn(self $test): array => [[$test->arrived()], $test->arrived()]];
        yield 'a treatment before the comb' => [Refusal::NotOffered, fn(self $test): array => [[$test->arrived()], $test->mark(MarkKind::TreatmentChosen, ['treatment' => 'brush'], 'tail')]];
        yield 'dematting a clear section' => [Refusal::NotOffered, fn(self $test): array => [[$test->arrived(), ...$test->allClear()], $test->mark(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'tail')]];
        yield 'showing half a plan' => [Refusal::PlanIncomplete, fn(self $test): array => [[$test->arrived()], $test->mark(MarkKind::PlanShown, ['choices' => []])]];
        yield 'showing another plan than the one in force' => [Refusal::PlanHasChanged, fn(self $test): array => [[$test->arrived(), ...$test->allClear()], $test->mark(MarkKind::PlanShown, ['choices' => ['tail' => 'clip:13']])]];
        yield 'an answer to a plan nobody showed' => [Refusal::NoSuchPlan, fn(self $test): array => [[$test->arrived(), ...$test->allClear()], $test->mark(MarkKind::AnswerGiven, ['planId' => 'X', 'answer' => 'yes', 'via' => 'here', 'who' => 'Ann'])]];
        yield 'going ahead with a clip nobody allowed' => [Refusal::BeyondStandingPermission, function (self $test): array {
            $marks = [$test->arrived(), ...$test->allClear(), $test->mark(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'tail')];
            $shown = $test->planShown($marks);

            return [[...$marks, $shown], $test->yesTo($shown, 'standing')];
        }];
        yield 'an answer after the plan moved on' => [Refusal::PlanHasChanged, function (self $test): array {
            $marks = [$test->arrived(), ...$test->allClear()];
            $shown = $test->planShown($marks);

            return [[...$marks, $shown, $test->mark(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'tail')], $test->yesTo($shown)];
        }];
        yield 'closing a finding that is not open' => [Refusal::NoSuchFinding, fn(self $test): array => [[$test->arrived()], $test->mark(MarkKind::FindingClosed, ['findingId' => 'X'])]];
        yield 'going home with steps skipped and no reason' => [Refusal::SkippedStepsNeedAReason, fn(self $test): array => [[$test->arrived()], $test->mark(MarkKind::HandedOver, [])]];
        yield 'undoing what was undone' => [Refusal::NothingToWithdraw, function (self $test): array {
            $note = $test->mark(MarkKind::NoteWritten, ['text' => 'x']);

            return [
                [$test->arrived(), $note, $test->mark(MarkKind::Withdrawn, ['markId' => $note->id])],
                $test->mark(MarkKind::Withdrawn, ['markId' => $note->id]),
            ];
        }];
        yield 'undoing something unknown' => [Refusal::NothingToWithdraw, fn(self $test): array => [[$test->arrived()], $test->mark(MarkKind::Withdrawn, ['markId' => 'X'])]];
        yield 'undoing the arrival' => [Refusal::CannotBeWithdrawn, function (self $test): array {
            $arrived = $test->arrived();

            return [[$arrived], $test->mark(MarkKind::Withdrawn, ['markId' => $arrived->id])];
        }];
        yield 'combing after the dog went home' => [Refusal::VisitClosed, fn(self $test): array => [[$test->arrived(), $test->mark(MarkKind::Stopped, ['reason' => 'ill'])], $test->comb('tail', ['comb' => 'glides'])]];
    }

    public function test_what_was_recorded_before_the_end_counts_even_when_it_arrives_late(): void
    {
        $late = $this->comb('tail', ['comb' => 'glides']);
        $stopped = $this->mark(MarkKind::Stopped, ['reason' => 'ill']);

        self::assertNull($this->gate([$this->arrived(), $stopped])->refusal($late));
    }

    public function test_after_the_end_a_note_may_be_added_and_the_end_taken_back(): void
    {
        $stopped = $this->mark(MarkKind::Stopped, ['reason' => 'ill']);
        $gate = $this->gate([$this->arrived(), $stopped]);

        self::assertNull($gate->refusal($this->mark(MarkKind::NoteWritten, ['text' => 'Owner rang'])));
        self::assertNull($gate->refusal($this->mark(MarkKind::Withdrawn, ['markId' => $stopped->id])));
    }

    #[DataProvider('unreadable')]
    public function test_a_mark_that_cannot_be_read_names_the_field(
        string $field,
        MarkKind $kind,
        array $payload,
        ?string $section = null,
    ): void {
        try {
            $this->mark($kind, $payload, $section);
            self::fail('It was read.');
        } catch (UnreadableMark $wrong) {
            self::assertSame($field, $wrong->field);
        }
    }

    /** @return iterable<string, array{string, MarkKind, array<string, mixed>, 3?: string}> */
    public static function unreadable(): iterable
    {
        yield 'a comb result no comb gives' => ['comb', MarkKind::CombChecked, ['comb' => 'wobbles'], 'tail'];
        yield 'no comb result' => ['comb', MarkKind::CombChecked, [], 'tail'];
        yield 'more than all of it' => ['mattedShare', MarkKind::CombChecked, ['comb' => 'stops', 'mattedShare' => 1.2], 'tail'];
        yield 'a word for a number' => ['liftMm', MarkKind::CombChecked, ['comb' => 'stops', 'liftMm' => 'two'], 'tail'];
        yield 'a field nobody knows would be lost' => ['colour', MarkKind::CombChecked, ['comb' => 'glides', 'colour' => 'red'], 'tail'];
        yield 'no section' => ['section', MarkKind::CombChecked, ['comb' => 'glides']];
        yield 'a section no dog has' => ['section', MarkKind::CombChecked, ['comb' => 'glides'], 'wing_l'];
        yield 'a section where none belongs' => ['section', MarkKind::Stopped, ['reason' => 'x'], 'tail'];
        yield 'an empty note' => ['text', MarkKind::NoteWritten, ['text' => '   ']];
        yield 'a novel' => ['text', MarkKind::NoteWritten, ['text' => str_repeat('a', 2001)]];
        yield 'an unknown treatment' => ['treatment', MarkKind::TreatmentChosen, ['treatment' => 'shave'], 'tail'];
        yield 'a weight no dog has' => ['weightKg', MarkKind::ArrivalAnswered, ['weightKg' => 400]];
        yield 'part of a day' => ['daysSinceBath', MarkKind::ArrivalAnswered, ['daysSinceBath' => 1.5]];
        yield 'gear that is not a list' => ['gear', MarkKind::ArrivalAnswered, ['gear' => 'collar']];
        yield 'a yes that is not one' => ['washedOverKnots', MarkKind::ArrivalAnswered, ['washedOverKnots' => 'yes']];
        yield 'an answer from nobody' => ['who', MarkKind::AnswerGiven, ['planId' => 'X', 'answer' => 'yes', 'via' => 'here']];
        yield 'a length for a section no dog has' => ['sectionMm', MarkKind::Arrived, ['weightKg' => 9, 'coat' => 'wire', 'coatMm' => 30, 'ageMonths' => 20, 'temperament' => 'easy', 'sectionMm' => ['wing' => 4]]];
    }

    private function arrived(): Mark
    {
        return $this->mark(
            MarkKind::Arrived,
            ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy'],
        );
    }

    /** @return list<Mark> */
    private function allClear(): array
    {
        return array_map(fn($section): Mark => $this->comb($section->value, ['comb' => 'glides', 'skinLine' => 'clear']), Section::cases());
    }

    /** @param list<Mark> $marks */
    private function planShown(array $marks): Mark
    {
        return $this->mark(MarkKind::PlanShown, ['choices' => $this->totals($marks)->choices->codes()]);
    }

    private function yesTo(Mark $shown, string $via = 'here'): Mark
    {
        return $this->mark(MarkKind::AnswerGiven, ['planId' => $shown->id, 'answer' => 'yes', 'via' => $via, 'who' => 'Ann']);
    }

    /** @param array<string, mixed> $payload */
    private function comb(string $section, array $payload): Mark
    {
        return $this->mark(MarkKind::CombChecked, $payload, $section);
    }

    /** @param array<string, mixed> $payload */
    private function mark(MarkKind $kind, array $payload, ?string $section = null, string $by = 'Imke', string $device = ''): Mark
    {
        $this->count++;

        return (new MarkReader)->read(
            $kind,
            "M{$this->count}",
            $section,
            new \DateTimeImmutable("2026-06-09 09:00:00 +{$this->count} seconds"),
            $by,
            $payload,
            $device,
        );
    }

    /** @param list<Mark> $marks */
    private function totals(array $marks): PlanTotals
    {
        return $this->report($marks)->totals;
    }

    /** @param list<Mark> $marks */
    private function stage(array $marks): Stage
    {
        return $this->report($marks)->stage(new \DateTimeImmutable('2026-06-09 12:00:00'));
    }

    /** @param list<Mark> $marks */
    private function gate(array $marks): MarkGate
    {
        $now = new \DateTimeImmutable('2026-06-09 12:00:00');

        $here = AtTheGate::of($marks, new Known(HouseRules::shop()));

        return new MarkGate($here, new Recorder('Imke', Role::Groomer, false, $now, new OneSalon));
    }

    /** @param list<Mark> $marks */
    private function report(array $marks): VisitReport
    {
        return VisitReport::of(VisitFold::of($marks), new Known(HouseRules::shop()));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Marks;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\FineComb;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\Marks\Kinds\AftercareChosen;
use HoundCheck\Core\Marks\Kinds\AnswerGiven;
use HoundCheck\Core\Marks\Kinds\ArrivalAnswered;
use HoundCheck\Core\Marks\Kinds\Arrived;
use HoundCheck\Core\Marks\Kinds\BathCleared;
use HoundCheck\Core\Marks\Kinds\BathStepped;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\Dried;
use HoundCheck\Core\Marks\Kinds\DryStarted;
use HoundCheck\Core\Marks\Kinds\FindingClosed;
use HoundCheck\Core\Marks\Kinds\FindingMinded;
use HoundCheck\Core\Marks\Kinds\FindingNoted;
use HoundCheck\Core\Marks\Kinds\FinishTicked;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\KnotFelt;
use HoundCheck\Core\Marks\Kinds\LineDone;
use HoundCheck\Core\Marks\Kinds\MatParked;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\MatWorked;
use HoundCheck\Core\Marks\Kinds\Misted;
use HoundCheck\Core\Marks\Kinds\NextVisitChosen;
use HoundCheck\Core\Marks\Kinds\NoteWritten;
use HoundCheck\Core\Marks\Kinds\Paused;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Kinds\RakePassed;
use HoundCheck\Core\Marks\Kinds\Reacted;
use HoundCheck\Core\Marks\Kinds\Resumed;
use HoundCheck\Core\Marks\Kinds\RunStarted;
use HoundCheck\Core\Marks\Kinds\SecondCombed;
use HoundCheck\Core\Marks\Kinds\SectionTaken;
use HoundCheck\Core\Marks\Kinds\SignedOff;
use HoundCheck\Core\Marks\Kinds\Stopped;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Kinds\TreatmentChosen;
use HoundCheck\Core\Marks\Kinds\Waived;
use HoundCheck\Core\Marks\Kinds\Withdrawn;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Marks\Words\AnswerVia;
use HoundCheck\Core\Marks\Words\BathProduct;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Marks\Words\DryMethod;
use HoundCheck\Core\Marks\Words\FinishItem;
use HoundCheck\Core\Marks\Words\MatCause;
use HoundCheck\Core\Marks\Words\MatOutcome;
use HoundCheck\Core\Marks\Words\Rake;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Marks\Words\Signal;
use HoundCheck\Core\Marks\Words\StopSign;
use HoundCheck\Core\Marks\Words\WaivedStep;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\Treatment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MarksTest extends TestCase
{
    /** @param array<string, mixed> $payload */
    #[DataProvider('marks')]
    public function test_what_a_device_sends_is_read_as_it_was_meant(
        MarkKind $kind,
        ?string $section,
        array $payload,
        Payload $expected,
    ): void {
        $mark = $this->read($kind, $section, $payload);

        self::assertEquals($expected, $mark->what);
        self::assertSame($section, $mark->section?->value);
    }

    /** @return iterable<string, array{MarkKind, string|null, array<string, mixed>, Payload}> */
    public static function marks(): iterable
    {
        yield 'a comb result with all there is to say' => [
            MarkKind::CombChecked, 'tail',
            [
                'comb' => 'stops',
                'skinLine' => 'patchy',
                'fine' => 'not_used',
                'opens' => 'tool',
                'mattedShare' => 0.3,
                'largestMm' => 25,
                'liftMm' => 4.5,
                'tender' => true,
            ],
            CombChecked::of(new CombCheck(Comb::Stops, SkinLine::Patchy, FineComb::NotUsed, Opens::Tool, 0.3, 25.0, 4.5, true)),
        ];
        yield 'a comb result and nothing else' => [MarkKind::CombChecked, 'back', ['comb' => 'glides'], CombChecked::of(new CombCheck(Comb::Glides))];
        yield 'null counts as not answered' => [MarkKind::CombChecked, 'back', ['comb' => 'stops', 'opens' => null, 'liftMm' => null], CombChecked::of(new CombCheck(Comb::Stops))];
        yield 'a finding' => [MarkKind::FindingNoted, 'belly', ['kind' => 'growth', 'note' => ' Pea-sized ', 'sizeMm' => 6], new FindingNoted(FindingKind::Growth, 'Pea-sized', 6.0)];
        yield 'a finding without words' => [MarkKind::FindingNoted, 'belly', ['kind' => 'odour', 'note' => '  '], new FindingNoted(FindingKind::Odour, null, null)];
        yield 'a hand felt something' => [MarkKind::KnotFelt, 'tail', [], new KnotFelt];
        yield 'what is on the skin was seen' => [MarkKind::FindingMinded, 'tail', [], new FindingMinded];
        yield 'a finding that is gone' => [MarkKind::FindingClosed, null, ['findingId' => 'F1', 'note' => 'Healed'], new FindingClosed('F1', 'Healed')];
        yield 'a note on the visit' => [MarkKind::NoteWritten, null, ['text' => 'Sings'], new NoteWritten('Sings')];
        yield 'a note at a place' => [MarkKind::NoteWritten, 'tail', ['text' => 'Kinked'], new NoteWritten('Kinked')];
        yield 'a treatment' => [MarkKind::TreatmentChosen, 'tail', ['treatment' => 'clip:6.3'], new TreatmentChosen(Treatment::clip(6.3))];
        yield 'an answer' => [MarkKind::AnswerGiven, null, ['planId' => 'P', 'answer' => 'no', 'via' => 'phone', 'who' => 'Ann', 'note' => 'Longer ears'], new AnswerGiven('P', ClientAnswer::No, AnswerVia::Phone, 'Ann', 'Longer ears', null)];
        yield 'an answer signed with a finger' => [MarkKind::AnswerGiven, null, ['planId' => 'P', 'answer' => 'yes', 'via' => 'here', 'who' => 'Ann', 'signature' => 'M1,2L30,40M5,5L6,6'], new AnswerGiven('P', ClientAnswer::Yes, AnswerVia::Here, 'Ann', null, 'M1,2L30,40M5,5L6,6')];
        yield 'going home' => [MarkKind::HandedOver, null, ['skippedBecause' => 'On paper'], new HandedOver('On paper')];
        yield 'an end before the end' => [MarkKind::Stopped, null, ['reason' => 'Ill'], new Stopped('Ill')];
        yield 'taking back' => [MarkKind::Withdrawn, null, ['markId' => 'M'], new Withdrawn('M')];
        yield 'arriving' => [
            MarkKind::Arrived, null,
            [
                'weightKg' => 12,
                'coat' => 'mixed',
                'primitive' => false,
                'coatMm' => 40,
                'sectionMm' => ['tail' => 20],
                'ageMonths' => 48,
                'temperament' => 'easy',
                'health' => ['joint_pain'],
                'entireMale' => true,
                'slotMinutes' => 75,
            ],
            new Arrived(12.0, CoatType::Mixed, 40.0, 48, Temperament::Easy, false, ['tail' => 20.0], [HealthFact::JointPain], entireMale: true, slotMinutes: 75),
        ];
        yield 'arriving with the usual table time' => [MarkKind::Arrived, null, ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy'], new Arrived(12.0, CoatType::Mixed, 40.0, 48, Temperament::Easy, slotMinutes: 90)];
        yield 'all the arrival questions' => [
            MarkKind::ArrivalAnswered, null,
            [
                'weightKg' => 11.5, 'coatMm' => 55, 'temperament' => 'anxious', 'health' => [], 'newHealth' => 'Limps', 'wishes' => 'Long legs', 'wantedMm' => 30, 'consent' => 'never',
                'feeLimitCents' => 8500, 'phone' => '0555 0101', 'daysSinceCombOut' => 40, 'daysSinceBath' => 0, 'washedOverKnots' => true, 'gear' => ['collar', 'coat'],
                'homeBrushing' => 'twice_a_week', 'homeBrush' => 'Pin brush', 'lastHeat' => 'March', 'firstGroom' => false, 'moult' => true, 'gearOff' => true, 'neverOnTheBack' => true, 'slotMinutes' => 100,
            ],
            new ArrivalAnswered([
                'weightKg' => 11.5, 'coatMm' => 55.0, 'temperament' => Temperament::Anxious, 'health' => [], 'newHealth' => 'Limps', 'wishes' => 'Long legs', 'wantedMm' => 30.0, 'consent' => ClipConsent::Never,
                'feeLimitCents' => 8500, 'phone' => '0555 0101', 'daysSinceCombOut' => 40, 'daysSinceBath' => 0, 'washedOverKnots' => true, 'gear' => [Gear::Collar, Gear::Coat],
                'homeBrushing' => HomeBrushing::TwiceAWeekToTheSkin, 'homeBrush' => 'Pin brush', 'lastHeat' => 'March', 'firstGroom' => false, 'moult' => true, 'gearOff' => true, 'neverOnTheBack' => true, 'slotMinutes' => 100,
            ]),
        ];
        yield 'a brush-out of the whole coat unless said otherwise' => [MarkKind::RunStarted, null, [], new RunStarted(RunScope::WholeCoat)];
        yield 'a brush-out of what the plan names' => [MarkKind::RunStarted, null, ['scope' => 'planned_only'], new RunStarted(RunScope::PlannedOnly)];
        yield 'hands on a section' => [MarkKind::SectionTaken, 'tail', [], new SectionTaken];
        yield 'a line' => [MarkKind::LineDone, 'tail', ['line' => 14], new LineDone(14)];
        yield 'mist' => [MarkKind::Misted, 'tail', [], new Misted];
        yield 'a comb check at the table' => [MarkKind::TableCombed, 'tail', ['comb' => 'stops', 'opens' => 'tool', 'liftMm' => 4], TableCombed::of(new CombCheck(Comb::Stops, opens: Opens::Tool, liftMm: 4.0))];
        yield 'a clip' => [MarkKind::Clipped, 'tail', ['mm' => 6.3], new Clipped(6.3)];
        yield 'a signal at a place' => [MarkKind::Reacted, 'tail', ['signal' => 'tucks'], new Reacted(Signal::Tucks)];
        yield 'a signal at none' => [MarkKind::Reacted, null, ['signal' => 'snaps'], new Reacted(Signal::Snaps)];
        yield 'a mat for later' => [MarkKind::MatParked, 'tail', ['note' => ' At the root '], new MatParked('At the root')];
        yield 'a mat that did not open' => [MarkKind::MatParked, 'tail', ['because' => 'did_not_open'], new MatParked(null, MatCause::DidNotOpen)];
        yield 'what stopped all work' => [MarkKind::NoteWritten, null, ['sign' => 'gums'], new NoteWritten('', StopSign::Gums)];
        yield 'another treatment, since it did not open' => [MarkKind::TreatmentChosen, 'tail', ['treatment' => 'clip:3.2', 'because' => 'did_not_open'], new TreatmentChosen(Treatment::clip(3.2), null, MatCause::DidNotOpen)];
        yield 'a parked mat in hand' => [MarkKind::MatTaken, 'tail', ['parkedId' => 'P1'], new MatTaken('P1')];
        yield 'a mat thinned' => [MarkKind::MatWorked, 'tail', ['outcome' => 'thinned', 'closes' => 3], new MatWorked(MatOutcome::Thinned, 3)];
        yield 'a mat opened by hand' => [MarkKind::MatWorked, 'tail', ['outcome' => 'opened'], new MatWorked(MatOutcome::Opened, 0)];
        yield 'a pause' => [MarkKind::Paused, null, [], new Paused];
        yield 'hands on again' => [MarkKind::Resumed, null, [], new Resumed];
        yield 'a pass of the rake' => [MarkKind::RakePassed, 'back', ['rake' => 'fine', 'handfuls' => 0.5], new RakePassed(Rake::Fine, 0.5)];
        yield 'a waiver' => [MarkKind::Waived, 'ear_l', ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'Sore'], new Waived(WaivedStep::BeforeBath, 'Imke', 'Sore')];
        yield 'the way to the bath' => [MarkKind::BathCleared, null, [], new BathCleared];
        yield 'a lather' => [MarkKind::BathStepped, null, ['step' => 'lathered', 'product' => 'soap_free'], new BathStepped(BathStep::Lathered, BathProduct::SoapFree)];
        yield 'the dryer' => [MarkKind::DryStarted, null, ['method' => 'dryer'], new DryStarted(DryMethod::Dryer)];
        yield 'a dry area' => [MarkKind::Dried, null, ['area' => 'hind_legs'], new Dried(DryArea::HindLegs)];
        yield 'the second comb check' => [MarkKind::SecondCombed, 'tail', ['comb' => 'glides', 'skinLine' => 'clear', 'fine' => 'glides'], SecondCombed::of(new CombCheck(Comb::Glides, SkinLine::Clear, FineComb::Glides))];
        yield 'nails done' => [MarkKind::FinishTicked, null, ['item' => 'nails'], new FinishTicked(FinishItem::Nails)];
        yield 'what the client is told' => [MarkKind::AftercareChosen, null, ['items' => ['short_clip', 'quiet_evening']], new AftercareChosen([Aftercare::ShortClip, Aftercare::QuietEvening])];
        yield 'when it comes again' => [MarkKind::NextVisitChosen, null, ['weeks' => 6, 'suggestedWeeks' => 4, 'wishedWeeks' => 8], new NextVisitChosen(6, 4, 8)];
        yield 'when it comes again, without a wish' => [MarkKind::NextVisitChosen, null, ['weeks' => 6], new NextVisitChosen(6, null, null)];
        yield 'nothing to tell' => [MarkKind::AftercareChosen, null, ['items' => []], new AftercareChosen([])];
        yield 'a signature under the record' => [MarkKind::SignedOff, null, [], new SignedOff];
        yield 'an answer taken back' => [MarkKind::ArrivalAnswered, null, ['feeLimitCents' => null], new ArrivalAnswered(['feeLimitCents' => null])];
    }

    /** @param array<string, mixed> $payload */
    #[DataProvider('nonsense')]
    public function test_nonsense_at_the_table_is_named_by_its_field(string $field, MarkKind $kind, ?string $section, array $payload): void
    {
        try {
            $this->read($kind, $section, $payload);
            self::fail('It was read.');
        } catch (UnreadableMark $wrong) {
            self::assertSame($field, $wrong->field);
        }
    }

    /** @return iterable<string, array{string, MarkKind, string|null, array<string, mixed>}> */
    public static function nonsense(): iterable
    {
        yield 'a line before the first' => ['line', MarkKind::LineDone, 'tail', ['line' => 0]];
        yield 'half a line' => ['line', MarkKind::LineDone, 'tail', ['line' => 1.5]];
        yield 'no line' => ['line', MarkKind::LineDone, 'tail', []];
        yield 'a clip that cuts skin' => ['mm', MarkKind::Clipped, 'tail', ['mm' => 0.2]];
        yield 'a signal no dog gives' => ['signal', MarkKind::Reacted, null, ['signal' => 'purrs']];
        yield 'a mat that went nowhere' => ['outcome', MarkKind::MatWorked, 'tail', []];
        yield 'a hundred closes' => ['closes', MarkKind::MatWorked, 'tail', ['outcome' => 'thinned', 'closes' => 100]];
        yield 'less than nothing from the rake' => ['handfuls', MarkKind::RakePassed, 'back', ['rake' => 'wide', 'handfuls' => -1]];
        yield 'a waiver nobody answers for' => ['who', MarkKind::Waived, 'tail', ['step' => 'before_bath', 'who' => ' ', 'reason' => 'x']];
        yield 'a waiver without a reason' => ['reason', MarkKind::Waived, 'tail', ['step' => 'before_bath', 'who' => 'Imke']];
        yield 'a brand' => ['product', MarkKind::BathStepped, null, ['step' => 'lathered', 'product' => 'Shiny Coat 3000']];
        yield 'an area no dog has' => ['area', MarkKind::Dried, null, ['area' => 'wings']];
        yield 'a next visit without weeks' => ['weeks', MarkKind::NextVisitChosen, null, ['wishedWeeks' => 8]];
        yield 'a next visit in a year and a half' => ['weeks', MarkKind::NextVisitChosen, null, ['weeks' => 78]];
        yield 'aftercare left open' => ['items', MarkKind::AftercareChosen, null, []];
        yield 'aftercare nobody wrote' => ['items', MarkKind::AftercareChosen, null, ['items' => ['walkies']]];
        yield 'a comb check of no section' => ['section', MarkKind::TableCombed, null, ['comb' => 'glides']];
        yield 'a plan for a place no dog has' => ['choices', MarkKind::PlanShown, null, ['choices' => ['tail' => 'brush', 'wing' => 'brush']]];
        yield 'a pause at a section' => ['section', MarkKind::Paused, 'tail', []];
    }

    public function test_a_signature_is_strokes_and_nothing_else(): void
    {
        $this->expectException(UnreadableMark::class);

        $this->read(
            MarkKind::AnswerGiven,
            null,
            ['planId' => 'P', 'answer' => 'yes', 'via' => 'here', 'who' => 'Ann', 'signature' => 'M1,2"/><script>'],
        );
    }

    public function test_a_plan_that_was_stored_stays_readable_where_a_section_is_no_more(): void
    {
        $stored = (new MarkReader)->read(
            MarkKind::PlanShown,
            'M1',
            null,
            new \DateTimeImmutable('2026-06-09'),
            'Imke',
            ['choices' => ['tail' => 'brush', 'wing' => 'brush']],
            '',
            true,
        );

        self::assertInstanceOf(PlanShown::class, $stored->what);
        self::assertSame(['tail' => 'brush'], $stored->what->choices->codes());
    }

    public function test_a_shown_plan_is_read_in_the_order_of_the_sections_whatever_order_it_was_sent_in(): void
    {
        $one = $this->read(MarkKind::PlanShown, null, ['choices' => ['tail' => 'clip:13', 'muzzle' => 'brush']])->what;
        $other = $this->read(MarkKind::PlanShown, null, ['choices' => ['muzzle' => 'brush', 'tail' => 'clip:13']])->what;

        self::assertInstanceOf(PlanShown::class, $one);
        self::assertInstanceOf(PlanShown::class, $other);
        self::assertTrue($one->choices->equals($other->choices));
        self::assertSame(['muzzle' => 'brush', 'tail' => 'clip:13'], $one->choices->codes());
        self::assertNull($one->choices->for(Section::Back));
    }

    public function test_a_note_is_as_long_as_it_may_be_and_no_longer(): void
    {
        $longest = str_repeat('ö', 2000);
        $note = $this->read(MarkKind::NoteWritten, null, ['text' => $longest])->what;
        self::assertInstanceOf(NoteWritten::class, $note);
        self::assertSame($longest, $note->text);

        $this->expectException(UnreadableMark::class);
        $this->read(MarkKind::NoteWritten, null, ['text' => $longest.'x']);
    }

    #[DataProvider('decisions')]
    public function test_it_is_known_what_only_a_groomer_decides(MarkKind $kind, bool $decision): void
    {
        self::assertSame($decision, $kind->declared()->who !== Who::Everybody);
    }

    /** @return iterable<string, array{MarkKind, bool}> */
    public static function decisions(): iterable
    {
        $decisions = [
            'treatment_chosen', 'treatment_freed', 'plan_chosen', 'plan_shown', 'answer_given', 'visit_split', 'even_wanted', 'grade_judged',
            'waived', 'finding_closed', 'held_place_settled', 'bath_cleared', 'stopped', 'photo_deleted', 'turn_decided', 'promise_given',
            'aftercare_chosen', 'next_visit_chosen', 'signed_off', 'feet_planned', 'handed_over', 'late_counted',
        ];
        foreach (MarkKind::cases() as $kind) {
            yield $kind->value => [$kind, in_array($kind->value, $decisions, true)];
        }
    }

    /** @param array<string, mixed> $payload */
    private function read(MarkKind $kind, ?string $section, array $payload): Mark
    {
        return (new MarkReader)->read($kind, 'M1', $section, new \DateTimeImmutable('2026-06-09 09:00:00'), 'Imke', $payload);
    }
}

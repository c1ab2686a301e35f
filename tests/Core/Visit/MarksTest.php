<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

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
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Visit\AnswerVia;
use HoundCheck\Core\Visit\ClientAnswer;
use HoundCheck\Core\Visit\Mark;
use HoundCheck\Core\Visit\MarkKind;
use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\ArrivalAnswered;
use HoundCheck\Core\Visit\Marks\Arrived;
use HoundCheck\Core\Visit\Marks\CombChecked;
use HoundCheck\Core\Visit\Marks\FindingClosed;
use HoundCheck\Core\Visit\Marks\FindingNoted;
use HoundCheck\Core\Visit\Marks\HandedOver;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Marks\PlanShown;
use HoundCheck\Core\Visit\Marks\Stopped;
use HoundCheck\Core\Visit\Marks\TreatmentChosen;
use HoundCheck\Core\Visit\Marks\Withdrawn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class MarksTest extends TestCase
{
    /** @param array<string, mixed> $payload */
    #[DataProvider('marks')]
    public function test_what_a_device_sends_is_read_as_it_was_meant(MarkKind $kind, ?string $section, array $payload, Payload $expected): void
    {
        $mark = $this->read($kind, $section, $payload);

        self::assertEquals($expected, $mark->payload);
        self::assertSame($section, $mark->section?->value);
    }

    /** @return iterable<string, array{MarkKind, string|null, array<string, mixed>, Payload}> */
    public static function marks(): iterable
    {
        yield 'a comb result with all there is to say' => [
            MarkKind::CombChecked, 'tail',
            ['comb' => 'stops', 'skinLine' => 'patchy', 'fine' => 'not_used', 'opens' => 'tool', 'mattedShare' => 0.3, 'largestMm' => 25, 'liftMm' => 4.5, 'tender' => true],
            new CombChecked(new CombCheck(Comb::Stops, SkinLine::Patchy, FineComb::NotUsed, Opens::Tool, 0.3, 25.0, 4.5, true)),
        ];
        yield 'a comb result and nothing else' => [MarkKind::CombChecked, 'back', ['comb' => 'glides'], new CombChecked(new CombCheck(Comb::Glides))];
        yield 'null counts as not answered' => [MarkKind::CombChecked, 'back', ['comb' => 'stops', 'opens' => null, 'liftMm' => null], new CombChecked(new CombCheck(Comb::Stops))];
        yield 'a finding' => [MarkKind::FindingNoted, 'belly', ['kind' => 'growth', 'note' => ' Pea-sized ', 'sizeMm' => 6], new FindingNoted(FindingKind::Growth, 'Pea-sized', 6.0)];
        yield 'a finding without words' => [MarkKind::FindingNoted, 'belly', ['kind' => 'odour', 'note' => '  '], new FindingNoted(FindingKind::Odour, null, null)];
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
            ['weightKg' => 12, 'coat' => 'mixed', 'primitive' => false, 'coatMm' => 40, 'sectionMm' => ['tail' => 20], 'ageMonths' => 48, 'temperament' => 'easy', 'health' => ['joint_pain'], 'entireMale' => true, 'slotMinutes' => 75],
            new Arrived(Dogs::dog(health: [HealthFact::JointPain], sectionMm: ['tail' => 20.0]), true, 75),
        ];
        yield 'arriving with the usual table time' => [MarkKind::Arrived, null, ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy'], new Arrived(Dogs::dog(), false, 90)];
        yield 'all the arrival questions' => [
            MarkKind::ArrivalAnswered, null,
            [
                'weightKg' => 11.5, 'coatMm' => 55, 'temperament' => 'anxious', 'health' => [], 'newHealth' => 'Limps', 'wishes' => 'Long legs', 'wantedMm' => 30, 'consent' => 'never',
                'feeLimitCents' => 8500, 'phone' => '0555 0101', 'daysSinceCombOut' => 40, 'daysSinceBath' => 0, 'washedOverKnots' => true, 'gear' => ['collar', 'coat'],
                'homeBrushing' => 'twice_a_week', 'homeBrush' => 'Pin brush', 'lastHeat' => 'March', 'firstGroom' => false, 'moult' => true, 'gearOff' => true, 'slotMinutes' => 100,
            ],
            new ArrivalAnswered([
                'weightKg' => 11.5, 'coatMm' => 55.0, 'temperament' => Temperament::Anxious, 'health' => [], 'newHealth' => 'Limps', 'wishes' => 'Long legs', 'wantedMm' => 30.0, 'consent' => ClipConsent::Never,
                'feeLimitCents' => 8500, 'phone' => '0555 0101', 'daysSinceCombOut' => 40, 'daysSinceBath' => 0, 'washedOverKnots' => true, 'gear' => [Gear::Collar, Gear::Coat],
                'homeBrushing' => HomeBrushing::TwiceAWeekToTheSkin, 'homeBrush' => 'Pin brush', 'lastHeat' => 'March', 'firstGroom' => false, 'moult' => true, 'gearOff' => true, 'slotMinutes' => 100,
            ]),
        ];
        yield 'an answer taken back' => [MarkKind::ArrivalAnswered, null, ['feeLimitCents' => null], new ArrivalAnswered(['feeLimitCents' => null])];
    }

    public function test_a_signature_is_strokes_and_nothing_else(): void
    {
        $this->expectException(UnreadableMark::class);

        $this->read(MarkKind::AnswerGiven, null, ['planId' => 'P', 'answer' => 'yes', 'via' => 'here', 'who' => 'Ann', 'signature' => 'M1,2"/><script>']);
    }

    public function test_a_shown_plan_is_read_in_the_order_of_the_sections_whatever_order_it_was_sent_in(): void
    {
        $one = $this->read(MarkKind::PlanShown, null, ['choices' => ['tail' => 'clip:13', 'muzzle' => 'brush']])->payload;
        $other = $this->read(MarkKind::PlanShown, null, ['choices' => ['muzzle' => 'brush', 'tail' => 'clip:13']])->payload;

        self::assertInstanceOf(PlanShown::class, $one);
        self::assertInstanceOf(PlanShown::class, $other);
        self::assertTrue($one->choices->equals($other->choices));
        self::assertSame(['muzzle' => 'brush', 'tail' => 'clip:13'], $one->choices->codes());
        self::assertNull($one->choices->for(Section::Back));
    }

    #[DataProvider('decisions')]
    public function test_it_is_known_what_only_a_groomer_decides(MarkKind $kind, bool $decision): void
    {
        self::assertSame($decision, $kind->isDecision());
    }

    /** @return iterable<string, array{MarkKind, bool}> */
    public static function decisions(): iterable
    {
        foreach (MarkKind::cases() as $kind) {
            yield $kind->value => [$kind, in_array($kind->value, ['treatment_chosen', 'plan_shown', 'answer_given', 'handed_over', 'stopped', 'finding_closed', 'grade_judged', 'photo_deleted', 'treatment_freed', 'plan_chosen', 'even_wanted', 'waived', 'bath_cleared', 'aftercare_chosen', 'signed_off'], true)];
        }
    }

    /** @param array<string, mixed> $payload */
    private function read(MarkKind $kind, ?string $section, array $payload): Mark
    {
        return Mark::read('M1', $kind, $section, new \DateTimeImmutable('2026-06-09 09:00:00'), 'Imke', $payload);
    }
}

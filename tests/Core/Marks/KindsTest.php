<?php

declare(strict_types=1);

namespace Tests\Core\Marks;

use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\UnreadableMark;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A kind of mark is declared in one file; whatever else speaks of all kinds is written from these files. */
final class KindsTest extends TestCase
{
    public function test_what_is_written_from_the_kinds_is_as_they_are(): void
    {
        foreach (KindPages::texts() as $path => $text) {
            self::assertStringEqualsFile($path, $text, 'Write it anew: php tests/Core/Marks/write.php');
        }
    }

    /** @param array<string, mixed> $payload */
    #[DataProvider('twoWays')]
    public function test_a_payload_is_filled_in_one_way_and_not_in_two(
        MarkKind $kind,
        ?string $section,
        array $payload,
        string $field,
        MarkProblem $problem,
    ): void {
        try {
            (new MarkReader)->read($kind, 'M1', $section, new \DateTimeImmutable('2026-06-09'), 'Imke', $payload);
            self::fail('It was read.');
        } catch (UnreadableMark $wrong) {
            self::assertSame([$field, $problem], [$wrong->field, $wrong->problem]);
        }
    }

    /** @return iterable<string, array{MarkKind, string|null, array<string, mixed>, string, MarkProblem}> */
    public static function twoWays(): iterable
    {
        yield 'the rule, and a grade of one’s own' => [
            MarkKind::GradeJudged, 'tail', ['rule' => true, 'grade' => 3, 'instead' => 2, 'reason' => 'x'], 'grade', MarkProblem::NotAField,
        ];
        yield 'a grade that stands against nothing' => [MarkKind::GradeJudged, 'tail', ['grade' => 3, 'reason' => 'x'], 'instead', MarkProblem::Needed];
        yield 'neither the rule nor a grade' => [MarkKind::GradeJudged, 'tail', ['rule' => false], 'grade', MarkProblem::Needed];
        yield 'the rule’s own grade' => [
            MarkKind::GradeJudged, 'tail', ['grade' => 3, 'instead' => 3, 'reason' => 'x'], 'grade', MarkProblem::AsTheRuleSays,
        ];
        yield 'over the feet without a word' => [MarkKind::FeetPlanned, null, [], 'reason', MarkProblem::Needed];
        yield 'a note without words or sign' => [MarkKind::NoteWritten, null, ['text' => ' '], 'text', MarkProblem::Needed];
        yield 'a client who was not told' => [
            MarkKind::HeldPlaceSettled, 'tail', ['way' => 'kept_dry', 'clientTold' => false], 'clientTold', MarkProblem::ClientNotTold,
        ];
    }

    public function test_what_is_stored_of_a_payload_is_what_was_meant_by_it(): void
    {
        $read = fn(MarkKind $kind, array $payload, bool $stored = false): array => (new MarkReader)->read(
            $kind,
            'M1',
            null,
            new \DateTimeImmutable('2026-06-09'),
            'Imke',
            $payload,
            '',
            $stored,
        )->fields;

        self::assertSame(['text' => 'Sings', 'sign' => null], $read(MarkKind::NoteWritten, ['sign' => null, 'text' => ' Sings ']));
        self::assertSame(['scope' => 'whole_coat'], $read(MarkKind::RunStarted, []));
        self::assertSame(['items' => ['short_clip']], $read(MarkKind::AftercareChosen, ['items' => ['short_clip', 'short_clip']]));
        self::assertSame(['items' => ['short_clip']], $read(MarkKind::AftercareChosen, ['items' => ['a' => 'short_clip']], stored: true));
        self::assertSame(
            ['promisedAt' => '2026-06-09T13:45:00Z', 'told' => 'here'],
            $read(MarkKind::PromiseGiven, ['promisedAt' => '2026-06-09T15:45:00.2+02:00', 'told' => 'here']),
        );
        self::assertSame([], $read(MarkKind::AftercareChosen, [], stored: true));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Resources\Said\ArrivalSaid;
use App\Http\Resources\Said\Entries;
use App\Models\StoredMark;
use App\Words\Say;
use HoundCheck\Core\Marks\MarkKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The record's story: what each entry says of itself. */
final class EntriesTest extends TestCase
{
    /** @param array<string, mixed> $payload */
    #[DataProvider('entries')]
    public function test_an_entry_is_told_in_words(MarkKind $kind, array $payload, ?string $section, string $says): void
    {
        $mark = new StoredMark(['kind' => $kind, 'section' => $section, 'payload' => $payload, 'at' => now(), 'received_at' => now()]);

        self::assertSame($says, (new Entries($this->say()))->of($mark, null)['why']);
    }

    /** @return iterable<string, array{MarkKind, array<string, mixed>, string|null, string}> */
    public static function entries(): iterable
    {
        $check = ['comb' => 'stops', 'skinLine' => 'patchy', 'fine' => 'not_used', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 4];
        yield 'a comb check' => [
            MarkKind::CombChecked, $check, 'tail', 'Tail: comb stops, skin line patchy, only a tool opens it, a fifth of it, 4 mm from the skin',
        ];
        yield 'a share that has no name' => [MarkKind::CombChecked, ['comb' => 'stops', 'mattedShare' => 0.33], 'tail', 'Tail: comb stops, 33 % of it'];
        yield 'a parked mat' => [MarkKind::MatParked, ['because' => 'did_not_open'], 'tail', 'Tail: did not open by hand'];
        yield 'and with a note' => [
            MarkKind::MatParked, ['note' => 'at the root', 'because' => 'from_behind'], 'tail', 'Tail: from behind, standing, at the root',
        ];
        yield 'a treatment' => [
            MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2', 'because' => 'did_not_open'], 'tail', 'Tail: clip to 3.2 mm: did not open by hand',
        ];
        yield 'an emergency' => [MarkKind::NoteWritten, ['sign' => 'gums'], null, 'Stop now: Gums blue, grey or white.'];
        yield 'a note' => [MarkKind::NoteWritten, ['text' => 'Ate well'], null, 'Ate well'];
        yield 'a mat that is worked' => [MarkKind::MatWorked, ['outcome' => 'opened', 'closes' => 2], 'back', 'Back: opened, 2 closes'];
        yield 'a product of the bath' => [
            MarkKind::BathStepped,
            ['step' => 'lathered', 'product' => 'mild', 'contactMinutes' => 5],
            null,
            'Lathered: a mild shampoo, 5 min on',
        ];
        yield 'a place left to the plan again' => [MarkKind::TreatmentFreed, [], 'tail', 'Tail: the plan decides'];
        yield 'a place taken' => [MarkKind::SectionTaken, [], 'ear_l', 'Ear, left'];
    }

    /** @param array<string, mixed> $answers */
    #[DataProvider('answers')]
    public function test_arrival_tells_what_the_client_allowed_and_what_was_taken_back(array $answers, string $says): void
    {
        self::assertSame($says, (new ArrivalSaid($this->say()))->of($answers));
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function answers(): iterable
    {
        yield [
            ['consent' => 'any', 'feeLimitCents' => 9000, 'weightKg' => 24.5],
            'the client allowed clipping wherever it is needed, fee limit €90, weight 24.5 kg',
        ];
        yield [['wishes' => null, 'gearOff' => false, 'health' => []], 'wishes undone, taken off: no, health none'];
        yield [
            ['health' => ['joint_pain', 'skin_allergy'], 'wishes' => 'Short ears', 'daysSinceBath' => 12],
            'health joint pain and skin allergy, wishes “Short ears”, last bath 12 days ago',
        ];
        yield [['sectionMm' => ['tail' => 30], 'prized' => ['ear_l', 'ear_r']], 'lengths tail 30 mm, cares most about ear left and right'];
    }

    public function test_an_entry_that_came_late_or_by_a_clock_that_was_off_says_so(): void
    {
        $clock = fn(string $receivedAt, ?string $deviceAt = null): string => (new Entries($this->say()))->of(new StoredMark([
            'kind' => MarkKind::Arrived,
            'payload' => [],
            'at' => '2026-06-09 09:00:00.000',
            'received_at' => $receivedAt,
            'device_at' => $deviceAt,
        ]), null)['why'];

        self::assertSame('', $clock('2026-06-09 09:04:00.000'));
        self::assertSame('arrived 47 min later', $clock('2026-06-09 09:47:00.000'));
        self::assertMatchesRegularExpression('/^the device’s clock said 7 June 0?3:00$/', $clock('2026-06-09 09:00:02.000', '2026-06-07 03:00:00.000'));
    }

    private function say(): Say
    {
        return Say::in('en');
    }
}

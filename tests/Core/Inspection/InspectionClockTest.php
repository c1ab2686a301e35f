<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use HoundCheck\Core\Inspection\Combed;
use HoundCheck\Core\Inspection\Weighing;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InspectionClockTest extends TestCase
{
    /** @param list<string> $times */
    #[DataProvider('rounds')]
    public function test_the_round_takes_from_the_first_check_to_the_last_without_its_pauses(float $seconds, array $times): void
    {
        $noon = new \DateTimeImmutable('2026-06-09 12:00:00');
        $note = (new MarkReader)->read(MarkKind::NoteWritten, 'N', null, $noon, 'Imke', ['text' => 'x']);
        $marks = array_map($this->check(...), $times);

        $combed = array_reduce(
            [...$marks, $note],
            fn(Combed $combed, Mark $mark): Combed => $combed->after($mark, $mark),
            new Combed(new Weighing),
        );

        self::assertEqualsWithDelta($seconds, $combed->seconds(), 1e-3);
    }

    /** @return iterable<string, array{float, list<string>}> */
    public static function rounds(): iterable
    {
        yield 'nothing checked' => [0, []];
        yield 'one check' => [0, ['09:00:00']];
        yield 'three checks' => [7.5, ['09:00:00', '09:00:03.250', '09:00:07.500']];
        yield 'a gap of five minutes is still work' => [300, ['09:00:00', '09:05:00']];
        yield 'the telephone in between' => [14, ['09:00:00', '09:00:07', '09:21:00', '09:21:07']];
        yield 'two tablets, sent out of order' => [20, ['09:00:20', '09:00:00', '09:00:12']];
    }

    private function check(string $time): Mark
    {
        return (new MarkReader)->read(
            MarkKind::CombChecked,
            'C',
            'tail',
            new \DateTimeImmutable("2026-06-09 {$time}"),
            'Imke',
            ['comb' => 'glides', 'skinLine' => 'clear'],
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\OpenedWith;
use HoundCheck\Core\Marks\Words\Signal;
use HoundCheck\Core\Visit\Handling;
use HoundCheck\Core\Visit\HowItWas;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class HandlingTest extends TestCase
{
    public function test_a_signal_is_told_once_with_its_visits_and_the_latest_first(): void
    {
        $handling = Handling::over([
            $this->visit('2026-01-05', ['tail' => ['looks', 'looks'], 'belly' => ['cries']]),
            $this->visit('2026-03-05', ['tail' => ['looks']]),
        ]);

        self::assertSame(
            [['tail', Signal::Looks, 2, '2026-03-05'], ['belly', Signal::Cries, 1, '2026-01-05']],
            array_map(fn(array $one): array => [$one['section'], $one['signal'], $one['visits'], $one['last']->format('Y-m-d')], $handling->signals),
        );
    }

    public function test_the_latest_that_opened_a_place_counts(): void
    {
        $handling = Handling::over([
            $this->visit('2026-01-05', opened: ['tail' => 'tool']),
            $this->visit('2026-03-05', opened: ['tail' => 'fingers', 'chest' => 'clip']),
        ]);

        self::assertSame(
            ['tail' => OpenedWith::Fingers, 'chest' => OpenedWith::Clip],
            array_map(fn(array $one): OpenedWith => $one['with'], $handling->opened),
        );
    }

    public function test_calm_is_where_mats_were_opened_more_than_once_and_the_dog_never_minded(): void
    {
        $handling = Handling::over([
            $this->visit('2026-01-05', ['tail' => ['mouths']], pulled: ['tail', 'belly', 'chest']),
            $this->visit('2026-03-05', pulled: ['tail', 'belly']),
        ]);

        self::assertSame(['belly'], $handling->calm, 'the tail was minded once, the chest was opened once');
    }

    public function test_how_a_visit_was_comes_from_its_marks_and_back_from_its_row(): void
    {
        $mat = Scene::comb(3, 0.2, 9.5);
        $scene = Scene::inspected(['tail' => $mat, 'belly' => $mat])->do(MarkKind::ArrivalAnswered, ['weightKg' => 13.5]);
        $scene->do(MarkKind::RunStarted, ['scope' => 'whole_coat'])->do(MarkKind::SectionTaken, [], 'tail');
        $scene->do(MarkKind::MatTaken, [], 'tail')->do(MarkKind::Reacted, ['signal' => 'tucks'], 'tail', 20);
        $scene->do(MarkKind::MatWorked, ['outcome' => 'opened', 'closes' => 0], 'tail', 40);
        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail', 5)->do(MarkKind::MatsOpened, ['with' => 'tool'], 'tail');

        $was = HowItWas::of($scene->state());

        self::assertSame(13.5, $was->weightKg);
        self::assertSame([['section' => 'tail', 'signal' => Signal::Tucks]], $was->signals);
        self::assertSame([['tail' => OpenedWith::Tool], ['tail']], [$was->opened, $was->pulled]);
        self::assertEquals($was, HowItWas::fromArray(json_decode((string) json_encode($was->toArray()), true)));
    }

    /**
     * @param array<string, list<string>> $signals by section id
     * @param array<string, string> $opened by section id
     * @param list<string> $pulled
     *
     * @return array{at: \DateTimeImmutable, was: HowItWas}
     */
    private function visit(string $day, array $signals = [], array $opened = [], array $pulled = []): array
    {
        $given = [];
        foreach ($signals as $section => $some) {
            foreach ($some as $signal) {
                $given[] = [$section, $signal];
            }
        }

        return [
            'at' => new \DateTimeImmutable($day),
            'was' => HowItWas::fromArray(['weight_kg' => 12, 'signals' => $given, 'opened' => $opened, 'pulled' => $pulled]),
        ];
    }
}

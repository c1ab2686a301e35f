<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\Posture;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class FeetClockTest extends TestCase
{
    public function test_the_clock_of_standing_runs_through_table_bath_and_dryer_and_ends_with_the_signature(): void
    {
        $scene = Scene::inspected();
        self::assertNull($scene->state()->hands->feet->runsFrom, 'the inspection is not work on its feet');

        $scene->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::Misted, [], 'tail', 600);
        self::assertSame(600.0, $scene->state()->hands->feet->seconds);
        $scene->do(MarkKind::BathCleared, [], null, 60);
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $scene->do(MarkKind::BathStepped, ['step' => $step], null, 240);
        }
        // A quarter of an hour at one area without a mark is still under the dryer.
        $scene->do(MarkKind::DryStarted, ['method' => 'dryer'], null, 60)->do(MarkKind::Dried, ['area' => 'back'], null, 900);
        self::assertSame(600.0 + 60 + 3 * 240 + 60 + 900, $scene->state()->hands->feet->seconds);
        self::assertEquals($scene->now(), $scene->state()->hands->feet->runsFrom);

        $scene->do(MarkKind::SignedOff, [], null, 60);
        self::assertNull($scene->state()->hands->feet->runsFrom);
        $seconds = fn(): float => $scene->state()->hands->feet->seconds;
        $before = $seconds();
        $scene->do(MarkKind::NoteWritten, ['text' => 'x'], null, 900);
        self::assertSame($before, $seconds());
    }

    public function test_lying_and_a_pause_stop_it_and_nobody_stands_for_an_hour_without_a_mark(): void
    {
        $scene = self::atTable(300)->do(MarkKind::PostureTaken, ['posture' => 'left_side'], null, 60);
        self::assertSame([Posture::LeftSide, 360.0, null], self::told($scene));
        $scene->do(MarkKind::Misted, [], 'tail', 600);
        self::assertSame([Posture::LeftSide, 360.0, null], self::told($scene));

        $scene->do(MarkKind::PostureTaken, ['posture' => 'stands'], null, 60)->do(MarkKind::Paused, [], null, 30);
        self::assertSame([Posture::Stands, 390.0, null], self::told($scene));
        $scene->do(MarkKind::Resumed, [], null, 600)->do(MarkKind::Misted, [], 'tail', 60);
        self::assertSame(450.0, $scene->state()->hands->feet->seconds);

        $scene->do(MarkKind::Misted, [], 'tail', 1800)->do(MarkKind::Misted, [], 'tail', 1801);
        self::assertSame(2250.0, $scene->state()->hands->feet->seconds);
    }

    public function test_a_rest_of_the_houses_length_begins_it_anew_and_a_shorter_one_does_not(): void
    {
        $scene = self::atTable(900)->do(MarkKind::RestBegan, [], null, 60);
        self::assertEquals($scene->now(), $scene->state()->hands->feet->restingSince);
        self::assertTrue($scene->run()->isPaused());

        // A second touch makes the rest no shorter.
        $short = (clone $scene)->do(MarkKind::RestBegan, [], null, 100)->do(MarkKind::Misted, [], 'tail', 198);
        $feet = $short->state()->hands->feet;
        self::assertSame([960.0, 960.0, 0], [$feet->seconds, $feet->wholeSeconds, $feet->rests]);

        $rested = (clone $scene)->do(MarkKind::RestBegan, [], null, 100)->do(MarkKind::PostureTaken, ['posture' => 'stands'], null, 199);
        $feet = $rested->state()->hands->feet;
        self::assertSame([0.0, 960.0, 1], [$feet->seconds, $feet->wholeSeconds, $feet->rests]);
        self::assertNull($rested->state()->hands->feet->restingSince);
        self::assertFalse($rested->run()->isPaused());
    }

    public function test_a_mark_that_arrives_late_is_put_in_its_place(): void
    {
        $inOrder = self::atTable(300)->do(MarkKind::PostureTaken, ['posture' => 'left_side'])->do(MarkKind::Misted, [], 'tail', 300);
        $late = self::atTable(300);
        $lay = $late->make(MarkKind::PostureTaken, ['posture' => 'left_side'], null, 1);
        $late->do(MarkKind::Misted, [], 'tail', 300)->marks[] = $lay;

        self::assertEquals($inOrder->state()->hands->feet->seconds, $late->state()->hands->feet->seconds);
        self::assertSame(Posture::LeftSide, $late->state()->hands->feet->posture);
    }

    public function test_on_its_back_nothing_pulls_and_some_dogs_are_never_laid_there(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5)], ['coat' => 'double'])
            ->do(MarkKind::SectionTaken, [], 'tail')
            ->do(MarkKind::PostureTaken, ['posture' => 'back']);
        $refused = fn(MarkKind $kind, array $payload = []): ?Refusal => $scene->refusal($kind, $payload, 'tail');
        self::assertSame(Refusal::LiesOnItsBack, $refused(MarkKind::MatTaken));
        self::assertSame(Refusal::LiesOnItsBack, $refused(MarkKind::RakePassed, ['rake' => 'wide', 'handfuls' => 1]));
        self::assertNull($refused(MarkKind::MatParked, ['note' => 'From behind, standing']));
        self::assertNull($refused(MarkKind::TableCombed, Scene::comb(3, 0.2, 9.5)), 'the comb checks');
        $scene->do(MarkKind::PostureTaken, ['posture' => 'stands']);
        self::assertNull($refused(MarkKind::MatTaken));

        foreach ([['health' => ['heart_or_airway']], []] as $dog) {
            $never = Scene::inspected(dog: $dog);
            $dog === [] ? $never->do(MarkKind::ArrivalAnswered, ['neverOnTheBack' => true]) : null;
            self::assertSame(Refusal::NeverOnTheBack, $never->refusal(MarkKind::PostureTaken, ['posture' => 'back']));
            self::assertNull($never->refusal(MarkKind::PostureTaken, ['posture' => 'right_side']));
        }
    }

    public function test_a_dog_that_lies_for_the_work_goes_on_twice_as_long_and_its_cards_own_figure_counts(): void
    {
        $minutes = fn(array $answers): float => Scene::inspected(dog: ['ageMonths' => 132])
            ->do(MarkKind::ArrivalAnswered, $answers)
            ->report()->fromHere->standing()->minutes;

        self::assertSame(30.0, $minutes([]));
        self::assertSame(60.0, $minutes(['liesDown' => true]));
        self::assertSame(45.0, $minutes(['standsMinutes' => 45]));
        self::assertSame(90.0, $minutes(['standsMinutes' => 45, 'liesDown' => true]));
    }

    private static function atTable(float $seconds): Scene
    {
        return Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::Misted, [], 'tail', $seconds);
    }

    /** @return array{Posture, float, \DateTimeImmutable|null} */
    private static function told(Scene $scene): array
    {
        $feet = $scene->state()->hands->feet;

        return [$feet->posture, $feet->seconds, $feet->runsFrom];
    }
}

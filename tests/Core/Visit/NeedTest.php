<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Visit\Need;
use HoundCheck\Core\Visit\Stage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NeedTest extends TestCase
{
    #[DataProvider('dogs')]
    public function test_a_dog_says_what_it_waits_for(Need $expected, Stage $stage, int $toCheck, int $undecided): void
    {
        self::assertSame($expected, Need::of($stage, $toCheck, $undecided));
    }

    /** @return iterable<string, array{Need, Stage, int, int}> */
    public static function dogs(): iterable
    {
        yield 'just in' => [Need::Inspection, Stage::Arrived, 30, 0];
        yield 'half inspected' => [Need::FinishInspection, Stage::Inspecting, 13, 4];
        yield 'inspected, choices open' => [Need::Decide, Stage::Inspecting, 0, 4];
        yield 'all chosen' => [Need::ShowPlan, Stage::Inspecting, 0, 0];
        yield 'shown, no answer' => [Need::Answer, Stage::Planned, 0, 0];
        yield 'shown, and then a new mat was found' => [Need::Decide, Stage::Planned, 0, 1];
        yield 'agreed' => [Need::Work, Stage::Agreed, 0, 0];
        yield 'gone home half inspected' => [Need::Nothing, Stage::Collected, 12, 0];
        yield 'stopped' => [Need::Nothing, Stage::Stopped, 30, 0];
    }

    public function test_a_client_who_has_not_answered_holds_up_most_and_a_dog_at_home_nothing(): void
    {
        self::assertSame(0, Need::Answer->rank());
        self::assertGreaterThan(Need::Work->rank(), Need::Nothing->rank());
    }
}

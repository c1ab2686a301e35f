<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Plan\BladeResult;
use HoundCheck\Core\Plan\BladeTest;
use HoundCheck\Core\Plan\BladeTry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BladeTestTest extends TestCase
{
    /** @param list<array{float, string}> $tries */
    #[DataProvider('tries')]
    public function test_it_goes_from_the_longest_blade_down_to_one_that_passes(array $tries, ?float $lift, ?float $next, bool $vet): void
    {
        $test = new BladeTest(
            array_map(fn(array $try): BladeTry => new BladeTry($try[0], BladeResult::from($try[1])), $tries),
            new Kit([0.5, 1.5, 3.2, 6.3, 9.5]),
            1.5,
        );

        self::assertSame([$lift, $next, $vet], [$test->liftMm(), $test->next(9.5), $test->needsAVet()]);
    }

    /** @return iterable<string, array{list<array{float, string}>, float|null, float|null, bool}> */
    public static function tries(): iterable
    {
        yield 'nothing tried' => [[], null, 9.5, false];
        yield 'the longest passes' => [[[9.5, 'passes']], 9.5, null, false];
        yield 'it stops' => [[[9.5, 'stops']], null, 6.3, false];
        yield 'partly is not passing' => [[[9.5, 'stops'], [6.3, 'partly']], null, 3.2, false];
        yield 'found' => [[[9.5, 'stops'], [6.3, 'partly'], [3.2, 'passes']], 3.2, null, false];
        yield 'a short one first leaves the longer ones' => [[[3.2, 'passes']], 3.2, 9.5, false];
        yield 'between what passed and what stopped' => [[[9.5, 'stops'], [3.2, 'passes']], 3.2, 6.3, false];
        yield 'all but the shortest stop' => [[[3.2, 'stops']], null, 1.5, false];
        yield 'the shortest stops: a vet, and never the one that cuts skin' => [[[3.2, 'stops'], [1.5, 'stops']], null, null, true];
        yield 'the shortest passes only partly: a vet' => [[[1.5, 'partly']], null, null, true];
    }
}

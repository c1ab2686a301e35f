<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\LeftCoat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LeftCoatTest extends TestCase
{
    #[DataProvider('coats')]
    public function test_hair_grows_from_what_was_left_and_no_longer_than_it_grows(
        CoatType $coat,
        float $leftMm,
        ?float $naturalMm,
        float $days,
        float $grown,
    ): void {
        $left = new LeftCoat($coat, 40, ['tail' => $leftMm], new MemoryRules, $naturalMm);

        self::assertEqualsWithDelta($grown, $left->lengthMm(Section::Tail, $days), 1e-9);
        self::assertSame($leftMm, $left->leftMm(Section::Tail));
    }

    /** @return iterable<string, array{CoatType, float, float|null, float, float}> */
    public static function coats(): iterable
    {
        yield 'on the day' => [CoatType::Curly, 9.5, null, 0, 9.5];
        yield 'a month of wool' => [CoatType::Curly, 9.5, null, 30.4, 21.5];
        yield 'a month of wire' => [CoatType::Wire, 13, null, 30.4, 23];
        yield 'wire grows to its usual length' => [CoatType::Wire, 50, null, 304, 60];
        yield 'the card knows better' => [CoatType::Silky, 100, 110, 304, 110];
        yield 'longer than usual is not cut by time' => [CoatType::Wire, 75, null, 304, 75];
        yield 'a double coat nobody knows stays as it was left' => [CoatType::Double, 20, null, 304, 20];
        yield 'a double coat grows back to what the card says' => [CoatType::Double, 20, 60, 304, 60];
        yield 'and no faster than it grows' => [CoatType::Double, 20, 60, 60.8, 36];
        yield 'a smooth coat does not grow' => [CoatType::Smooth, 10, 25, 304, 10];
    }

    public function test_the_whole_dog_cut_to_one_length_forgets_the_lengths_that_differed(): void
    {
        $cut = (new LeftCoat(CoatType::Wire, 40, ['tail' => 55], new MemoryRules, 45))->cutTo(13);

        self::assertSame(array_fill_keys(array_column(Section::cases(), 'value'), 13.0), $cut->lengthsMm(0));
        self::assertSame(45.0, $cut->lengthMm(Section::Tail, 3000));
    }
}

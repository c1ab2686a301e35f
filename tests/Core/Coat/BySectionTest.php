<?php

declare(strict_types=1);

namespace Tests\Core\Coat;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use PHPUnit\Framework\TestCase;

final class BySectionTest extends TestCase
{
    public function test_it_keeps_the_fixed_order_of_the_sections_however_it_was_filled(): void
    {
        $lengths = BySection::of(['tail' => 40.0, 'muzzle' => 0.0, 'back' => 25.0]);

        self::assertSame([Section::Muzzle, Section::Back, Section::Tail], $lengths->sections());
        self::assertSame(['muzzle' => 0.0, 'back' => 25.0, 'tail' => 40.0], $lengths->byId());
        self::assertSame([Section::Back, Section::Tail], $lengths->keep(fn(float $mm): bool => $mm > 0.0)->sections());
        self::assertSame(
            ['muzzle' => 'muzzle 0', 'back' => 'back 25', 'tail' => 'tail 40'],
            $lengths->map(fn(float $mm, Section $section): string => "{$section->value} {$mm}")->byId(),
        );
        $seen = [];
        foreach ($lengths as $section => $mm) {
            $seen[] = [$section, $mm];
        }
        self::assertSame([[Section::Muzzle, 0.0], [Section::Back, 25.0], [Section::Tail, 40.0]], $seen);
    }

    public function test_what_is_not_known_is_null_and_asking_for_it_as_known_is_a_fault(): void
    {
        $lengths = BySection::of(['tail' => 40.0]);

        self::assertSame([40.0, null, 1], [$lengths->at(Section::Tail), $lengths->at(Section::Back), count($lengths)]);
        self::assertFalse($lengths->has(Section::Back));
        self::assertSame(40.0, $lengths->get(Section::Tail));
        $this->expectException(\OutOfBoundsException::class);
        $lengths->get(Section::Back);
    }

    public function test_a_name_that_is_no_section_is_not_dropped_in_silence(): void
    {
        $this->expectExceptionMessage('wing_l');
        BySection::of(['tail' => 1, 'wing_l' => 2]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\CombCheck;

use HoundCheck\Core\CombCheck\CoatTone;
use HoundCheck\Core\CombCheck\Grade;
use PHPUnit\Framework\TestCase;

final class CoatToneTest extends TestCase
{
    public function test_a_client_reads_combed_tangled_or_matted_and_a_place_without_a_grade_nothing_worse_than_combed(): void
    {
        $tones = array_map(fn(?Grade $grade): string => CoatTone::of($grade)->value, [null, ...Grade::cases()]);

        self::assertSame(['combed', 'combed', 'combed', 'tangled', 'matted', 'matted', 'matted'], $tones);
    }
}

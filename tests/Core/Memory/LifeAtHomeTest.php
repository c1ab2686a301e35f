<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\HomeTool;
use HoundCheck\Core\Memory\LifeAtHome;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LifeAtHomeTest extends TestCase
{
    /** What the owner tells is taken by what the brush can reach. */
    #[TestWith(['weekly', CoatType::Curly, 60, 'weekly', 'bent_pin', true])]
    #[TestWith(['top_only', CoatType::Curly, 60, 'weekly', 'bristle', true], 'slides over')]
    #[TestWith(['top_only', CoatType::Mixed, 30, 'daily', 'pin', true], 'slides over, however often')]
    #[TestWith(['top_only', CoatType::Silky, 75.9, 'weekly', 'ball_tipped', true], 'short silk')]
    #[TestWith(['weekly', CoatType::Silky, 76, 'weekly', 'pin', true], 'a pin brush is right for long silk')]
    #[TestWith(['daily', CoatType::Double, 60, 'daily', 'pin', true])]
    #[TestWith(['weekly', CoatType::Curly, 60, 'twice_a_week', 'bent_pin', false], 'without a comb at most weekly')]
    #[TestWith(['weekly', CoatType::Curly, 60, 'daily', null, false])]
    #[TestWith(['top_only', CoatType::Curly, 60, 'top_only', 'bent_pin', false])]
    #[TestWith(['daily', CoatType::Curly, 60, 'daily', null, null], 'not asked counts for the owner')]
    #[TestWith(['none', CoatType::Curly, 60, 'none', 'bristle', false])]
    #[TestWith(['none', CoatType::Curly, 60, null, null, null])]
    public function test_home_brushing_reaches_as_far_as_brush_and_comb(
        string $counts,
        CoatType $coat,
        float $mm,
        ?string $told,
        ?string $tool,
        ?bool $comb,
    ): void {
        $home = $told === null ? null : HomeBrushing::from($told);
        $tool = $tool === null ? null : HomeTool::from($tool);

        self::assertSame($counts, LifeAtHome::told($coat, $mm, $home, $tool, $comb, false, [], false, [], 48)->home->value);
    }
}

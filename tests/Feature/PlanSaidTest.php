<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Resources\Said\PlanSaid;
use App\Words\Languages;
use App\Words\Say;
use HoundCheck\Core\Plan\BarReason;
use HoundCheck\Core\Plan\WhyTreated;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Why a place is treated as it is: one sentence that a client understands, with the figures of this dog. */
final class PlanSaidTest extends TestCase
{
    /** @param array<string, mixed> $reason */
    #[DataProvider('reasons')]
    public function test_a_place_says_why_it_is_treated_so(array $reason, string $says): void
    {
        self::assertSame($says, (new PlanSaid(Say::in('en')))->why([...self::NOTHING, ...$reason]));
    }

    private const NOTHING = ['why' => 'combs_out', 'bar' => null, 'openingTension' => null, 'sparedTension' => null, 'matches' => null];

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function reasons(): iterable
    {
        yield [[], 'The comb goes through: brushed.'];
        yield [['why' => 'opened_by_hand', 'openingTension' => 6.449], 'Opened by hand and kept; it pulls for 6.4 min.'];
        yield [
            [
                'why' => 'opening_ruled_out',
                'bar' => 'tender_place_clip_only',
                'length' => ['treatment' => 'clip:6.3', 'reason' => 'fine_teeth_only', 'found' => 6.3, 'limit' => 3.2],
            ],
            'House rule: mats here are clipped, pulling is not worth it. Loose skin falls between long teeth: 3.2 mm at most here.',
        ];
        yield [
            [
                'why' => 'clipped_to_spare',
                'openingTension' => 3.55,
                'sparedTension' => 3.55,
                'length' => ['treatment' => 'clip:13', 'reason' => 'blade_over_lift', 'found' => 10.0, 'limit' => 13.0],
            ],
            'It could be opened, but would pull for 3.6 min; clipping spares 3.6. The mat sits 10 mm from the skin: a longer blade does not pass under it.',
        ];
        yield [
            ['why' => 'clipped_to_spare', 'openingTension' => 0.04, 'sparedTension' => 0.04],
            'It could be opened, but would pull for under 0.1 min; clipping spares under 0.1.',
        ];
        yield [
            [
                'why' => 'opening_ruled_out',
                'bar' => 'section_cap_exceeded',
                'barFound' => 12.34,
                'barLimit' => 9.0,
                'length' => ['treatment' => 'clip:6.3', 'reason' => 'blade_over_lift', 'found' => 3.2, 'limit' => 6.3, 'assumed' => true],
            ],
            'It would pull for 12.3 min here; the house asks 9 of one section at most. Nobody measured how far the mat sits from the skin: '
                .'3.2 mm is assumed, a rule of thumb. A blade test may show that a longer blade passes.',
        ];
        yield [
            ['why' => 'opening_ruled_out', 'bar' => 'too_frail_to_open', 'barFound' => 4.2],
            'This dog can bear 4.2 min of pulling: from grade 3 on nothing is opened.',
        ];
        yield [['why' => 'clipped_to_match', 'matches' => 'legs'], 'It could stay longer, but the legs must match.'];
        // Offers that were kept before the figure was told.
        yield [
            ['why' => 'opening_ruled_out', 'bar' => 'section_cap_exceeded'],
            'It would pull longer here than the house asks of one section.',
        ];
        yield [
            ['why' => 'opening_ruled_out', 'bar' => 'too_frail_to_open'],
            'This dog can bear too little pulling: from grade 3 on nothing is opened.',
        ];
    }

    public function test_no_reason_is_without_a_sentence_in_any_language(): void
    {
        foreach (Languages::all() as $language) {
            $said = new PlanSaid(Say::in($language));
            foreach (BarReason::cases() as $reason) {
                foreach ([null, 3.0] as $found) {
                    $says = $said->bar(['reason' => $reason->value, 'found' => $found, 'limit' => 10.0]);
                    self::assertMatchesRegularExpression('/^\p{Lu}[^{}]*\.$/u', $says);
                }
            }
            foreach (WhyTreated::cases() as $why) {
                $says = $said->why([...self::NOTHING, 'why' => $why->value, 'bar' => 'blade_over_lift', 'barFound' => 3.0, 'barLimit' => 5.0]);
                self::assertMatchesRegularExpression('/^\p{Lu}[^{}]*\.$/u', $says);
            }
        }
    }
}

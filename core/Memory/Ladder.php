<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Dog\HomeBrushing;

/**
 * What helps a coat that no interval keeps, or only a short one: in this order closer dates with the cheaper bath and brush
 * between, another cut, shorter.
 */
final readonly class Ladder
{
    private const CLOSER_WEEKS = [1, 2, 3, 4];

    /**
     * @param IntervalForecast $closer what the closest dates that help most would bring: the longest keepable, else a week
     * @param KeepableCoat|null $anotherCut the longest length that keeps, brushed at home as now, at the most weeks it does
     * @param KeepableCoat|null $shorter the longest of the shorter lengths that keeps for more weeks than that cut
     */
    private function __construct(
        public IntervalForecast $closer,
        public bool $closerKeeps,
        public ?KeepableCoat $anotherCut,
        public ?KeepableCoat $shorter,
    ) {}

    /** @param list<KeepableCoat> $keepable what its `keepable()` gave */
    public static function of(NextVisit $next, array $keepable): self
    {
        $closer = array_map(fn(int $weeks): IntervalForecast => $next->forecaster->after($weeks, $next->coat, $next->life), self::CLOSER_WEEKS);
        $kept = array_filter($closer, $next->forecaster->isKeepable(...));
        $home = match ($next->life->home) {
            HomeBrushing::WeeklyToTheSkin => HomeBrushing::WeeklyToTheSkin,
            HomeBrushing::TwiceAWeekToTheSkin, HomeBrushing::DailyToTheSkin => HomeBrushing::TwiceAWeekToTheSkin,
            // Only the top is hardly more than nothing.
            default => HomeBrushing::None,
        };
        $cuts = array_filter($keepable, fn(KeepableCoat $cut): bool => $cut->isKeepable && $cut->home === $home);
        usort($cuts, fn(KeepableCoat $one, KeepableCoat $other): int => [$other->lengthMm, $other->forecast->weeks]
            <=> [$one->lengthMm, $one->forecast->weeks]);
        $anotherCut = $cuts[0] ?? null;
        $longer = array_filter($cuts, fn(KeepableCoat $cut): bool => $cut->forecast->weeks > ($anotherCut->forecast->weeks ?? 0));
        usort($longer, fn(KeepableCoat $one, KeepableCoat $other): int => [$other->forecast->weeks, $other->lengthMm]
            <=> [$one->forecast->weeks, $one->lengthMm]);

        return new self(
            $kept === [] ? $closer[0] : $kept[array_key_last($kept)],
            $kept !== [],
            $anotherCut,
            $longer[0] ?? null,
        );
    }
}

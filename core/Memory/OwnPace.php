<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;

/** A dog's own pace of matting in words' terms; the numbers of its clock are not for reading. */
final readonly class OwnPace
{
    /** So many times the tangles of the usual dog are more than chance. */
    private const FASTER_FROM = 1.2;

    private const SLOWER_BELOW = 1 / self::FASTER_FROM;

    /** Fewer tangles than this to be expected of the usual dog say nothing. */
    private const TANGLES_THAT_TELL = 0.05;

    /** From so much more chance on a place is called faster than others. */
    private const PLACE_FASTER_BY = 0.05;

    private const INSPECTIONS_THAT_TELL = 3;

    private function __construct(
        public Pace $pace,
        /** too few inspections to hold to it */
        public bool $early,
        /** where it mats faster than others of its coat, most of all */
        public ?Section $where,
    ) {}

    /**
     * @param int $weeks that are looked at
     * @param int $inspections how many speak for the dog's clock
     */
    public static function of(NextVisit $next, int $weeks, int $inspections): self
    {
        if ($inspections === 0) {
            return new self(Pace::Unknown, true, null);
        }

        $usual = $next->usual();
        $tangles = $usual->after($weeks, $next->coat, $next->life)->tangles;
        $ratio = $tangles > self::TANGLES_THAT_TELL ? $next->forecaster->after($weeks, $next->coat, $next->life)->tangles / $tangles : 1.0;
        $pace = match (true) {
            $ratio > self::FASTER_FROM => Pace::Faster,
            $ratio < self::SLOWER_BELOW => Pace::Slower,
            default => Pace::Usual,
        };

        return new self(
            $pace,
            $inspections < self::INSPECTIONS_THAT_TELL,
            $pace === Pace::Slower ? null : self::place($next, $usual, $weeks),
        );
    }

    private static function place(NextVisit $next, Forecaster $usual, int $weeks): ?Section
    {
        $others = $usual->chances($weeks, $next->coat, $next->life);
        $more = [];
        foreach ($next->places($weeks) as $id => $chances) {
            $more[$id] = $chances[Grade::Tangle->value] - $others[$id][Grade::Tangle->value];
        }
        arsort($more);
        $first = array_key_first($more);

        return $first === null || $more[$first] < self::PLACE_FASTER_BY ? null : Section::from($first);
    }
}

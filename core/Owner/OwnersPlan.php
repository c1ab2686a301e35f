<?php

declare(strict_types=1);

namespace HoundCheck\Core\Owner;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Memory\Forecaster;
use HoundCheck\Core\Memory\MattingScale;
use HoundCheck\Core\Memory\NextVisit;

/** The places that an owner brushes to the skin at home: of all that fit the minutes, those that take away the most tangles. */
final readonly class OwnersPlan
{
    /** Minutes are counted in tenths, rounded up. */
    private const A_MINUTE = 10;

    private const FORGIVEN = 1e-9;

    /**
     * @param list<Section> $sections in the order of the body
     * @param array<string, int> $tenths what each section of the body takes a session, in tenths of a minute, by section id
     * @param float $tanglesWithout sections at Tangle or worse to expect at the next visit, not brushed at home
     * @param float $tanglesWith the same with this plan kept
     * @param PlannedWork $without at the table at the next visit, not brushed at home
     * @param PlannedWork $with the same with this plan kept
     */
    private function __construct(
        public int $weeks,
        public OwnersMinutes $minutes,
        public array $sections,
        public array $tenths,
        public float $tanglesWithout,
        public float $tanglesWith,
        public PlannedWork $without,
        public PlannedWork $with,
    ) {}

    /**
     * @param int $weeks until the next visit
     * @param list<Section> $leftOut nobody brushes there at home
     */
    public static function of(NextVisit $next, int $weeks, OwnersMinutes $minutes, array $leftOut = []): self
    {
        $rules = $next->rules;
        $byItself = $next->life->with(HomeBrushing::None);
        $left = (new MattingScale($next->dog->coat, $rules))->leftByBrushingEvery(
            Forecaster::DAYS_A_WEEK / $minutes->sessionsAWeek,
            Forecaster::DAYS_A_WEEK * $weeks,
            $next->life->shown,
        );
        $effort = $next->forecaster->effortAfter($weeks, $next->coat);
        $tenths = $without = $saved = $works = [];
        foreach (Section::cases() as $section) {
            $exposure = $next->forecaster->exposure($section, $weeks, $next->coat, $byItself);
            $unbrushed = $next->clock->chance($section, Grade::Tangle, $exposure);
            $without[] = $unbrushed;
            $saved[$section->value] = $unbrushed - $next->clock->chance($section, Grade::Tangle, $exposure * $left);
            $works[$section->value] = [
                $next->forecaster->work($section, $next->clock->chances($section, $exposure), $effort),
                $next->forecaster->work($section, $next->clock->chances($section, $exposure * $left), $effort),
            ];
            $tenths[$section->value] = (int) ceil(self::A_MINUTE * ($rules->ownerFactor * $effort->lineMinutes($section) - self::FORGIVEN));
        }
        $mayBeBrushed = array_diff_key($tenths, array_flip(array_column($leftOut, 'value')));
        $chosen = self::best($mayBeBrushed, $saved, $minutes->budget * self::A_MINUTE);
        $all = array_sum($without);
        $away = array_sum(array_intersect_key($saved, array_flip(array_column($chosen, 'value'))));

        $isBrushed = array_flip(array_column($chosen, 'value'));

        return new self(
            $weeks,
            $minutes,
            $chosen,
            $tenths,
            $all,
            $all - $away,
            PlannedWork::sum(array_column($works, 0)),
            PlannedWork::sum(array_map(
                fn(array $both, string $id): array => $both[isset($isBrushed[$id]) ? 1 : 0],
                array_values($works),
                array_keys($works),
            )),
        );
    }

    /**
     * Exact: by tenths of a minute, section after section, replaced only by what saves strictly more.
     *
     * @param array<string, int> $tenths by section id
     * @param array<string, float> $saved by section id
     *
     * @return list<Section>
     */
    private static function best(array $tenths, array $saved, int $room): array
    {
        $most = array_fill(0, $room + 1, 0.0);
        $takes = [];
        foreach ($tenths as $id => $cost) {
            for ($used = $room; $used >= $cost; $used--) {
                $with = $most[$used - $cost] + $saved[$id];
                if ($with > $most[$used]) {
                    $most[$used] = $with;
                    $takes[$id][$used] = true;
                }
            }
        }
        $chosen = [];
        foreach (array_reverse(array_keys($tenths)) as $id) {
            if (isset($takes[$id][$room])) {
                array_unshift($chosen, Section::from($id));
                $room -= $tenths[$id];
            }
        }

        return $chosen;
    }
}

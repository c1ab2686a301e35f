<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;

/**
 * One plan divided among two or three visits, as evenly as it pulls.
 *
 * What pulls stands in order, the tightest and tenderest first. The first visit takes all before some rank and any of that
 * rank; the last takes any of a rank and all after it; what is between is the second's. So every way is looked at in which
 * nothing waits for a looser or tougher place, and of equally tight and tender ones any may come first.
 *
 * A share of what pulls is a set of it, as bits, with its tension minutes and minutes of work.
 *
 * @phpstan-type Share array{int, float, float}
 */
final class Division
{
    /** Figures are told apart from here. */
    private const NOTHING_MINUTES = 1e-6;

    /** @var list<array<string, Option>> what can be given to no other visit, by section id */
    private array $visits;

    /** @var non-empty-array<int, float> tension minutes of it */
    private array $pulls;

    /** @var non-empty-array<int, float> minutes that each visit holds beside it */
    private array $room;

    /** @var list<array{string, Option, string}> section id, work, how tight and tender: the tightest and tenderest first */
    private array $pulled = [];

    private readonly FillingUp $rest;

    /** @var Share all that pulls */
    private readonly array $all;

    /** @param non-empty-list<VisitLimit> $limits of each visit */
    private function __construct(private readonly CoatReport $report, FrontierPlan $plan, private readonly array $limits)
    {
        $this->visits = array_map(fn(): array => [], $limits);
        $this->pulls = array_map(fn(): float => 0.0, $limits);
        $this->room = array_map(fn(VisitLimit $limit): float => $limit->workMinutes, $limits);
        $rest = [];
        foreach ($report->options as $section => $options) {
            $treatment = $plan->choices->for($section);
            $option = $treatment === null ? null : $options->find($treatment);
            if ($option === null || $treatment?->kind === TreatmentKind::Leave) {
                continue;
            }
            match (true) {
                $this->cannotWait($section, $treatment) => $this->give(0, $section->value, $option),
                $treatment->clipMm !== null => $this->give(count($limits) - 1, $section->value, $option),
                $option->tensionMinutes > 0.0 => $this->pulled[] = [$section->value, $option, $this->tightness($section)],
                default => $rest[$section->value] = $option,
            };
        }
        // Alike ones stand together, so that they are not tried in each other's place.
        usort($this->pulled, fn(array $one, array $other): int => [$other[2], $other[1]->tensionMinutes, $other[1]->minutes]
            <=> [$one[2], $one[1]->tensionMinutes, $one[1]->minutes]);
        $this->rest = new FillingUp($rest);
        $this->all = [
            (1 << count($this->pulled)) - 1,
            self::tensionOf(array_column($this->pulled, 1)),
            self::minutesOf(array_column($this->pulled, 1)),
        ];
    }

    /**
     * @param non-empty-list<VisitLimit> $limits of each visit, two or three
     *
     * @return list<VisitOfSeveral>|null null: they do not hold it
     */
    public static function of(CoatReport $report, FrontierPlan $plan, array $limits): ?array
    {
        if ($plan->tensionMinutes > array_sum(array_column($limits, 'tensionMinutes')) + self::NOTHING_MINUTES
            || $plan->minutes > array_sum(array_column($limits, 'workMinutes')) + self::NOTHING_MINUTES) {
            return null;
        }
        $visits = (new self($report, $plan, $limits))->mostEven();

        return $visits === null ? null : array_map(self::visit(...), $visits);
    }

    private function cannotWait(Section $section, Treatment $treatment): bool
    {
        $grade = $this->report->grade($section);
        $reading = $this->report->case->reading($section);

        return ($treatment->clipMm !== null && $grade?->isMatted() === true)
            || $grade === Grade::Pelted
            || $reading->has(FindingKind::Pain)
            || $reading->has(FindingKind::Moist);
    }

    /** Orders as text: the tighter first counts, then the tenderer. */
    private function tightness(Section $section): string
    {
        return sprintf('%d %.3f', $this->report->grade($section)->value ?? 0, $section->facts()->tender);
    }

    private function give(int $visit, string $section, Option $option): void
    {
        $this->visits[$visit][$section] = $option;
        $this->pulls[$visit] += $option->tensionMinutes;
        $this->room[$visit] -= $option->minutes;
    }

    /** @return list<array<string, Option>>|null */
    private function mostEven(): ?array
    {
        [$all, $pull, $minutes] = $this->all;
        $last = count($this->limits) - 1;
        $heads = $this->shares(0, $this->ranks());
        // Of ways that are as even the one comes first that does more of what is tight first.
        usort($heads, fn(array $one, array $other): int => $other[1] <=> $one[1]);
        $tails = $last === 1 ? null : $this->shares($last, array_reverse($this->ranks()));
        $best = null;
        $bestSpread = INF;
        foreach ($heads as [$head, $headPull, $headMinutes]) {
            foreach ($tails ?? [[$all ^ $head, $pull - $headPull, $minutes - $headMinutes]] as [$tail, $tailPull, $tailMinutes]) {
                if (($head & $tail) !== 0) {
                    continue;
                }
                $between = [$all ^ $head ^ $tail, $pull - $headPull - $tailPull, $minutes - $headMinutes - $tailMinutes];
                $shares = [[$head, $headPull, $headMinutes], ...($last === 1 ? [] : [$between]), [$tail, $tailPull, $tailMinutes]];
                $pulls = array_map(fn(float $fixed, array $share): float => $fixed + $share[1], $this->pulls, $shares);
                $spread = max($pulls) - min($pulls);
                if ($spread >= $bestSpread - self::NOTHING_MINUTES) {
                    continue;
                }
                $room = array_map(fn(float $holds, array $share): float => $holds - $share[2], $this->room, $shares);
                $filled = $this->isWithin($pulls, $room) ? $this->rest->into($this->with($shares), $room) : null;
                if ($filled !== null) {
                    [$best, $bestSpread] = [$filled, $spread];
                }
            }
        }

        return $best;
    }

    /** @return list<array{int, int}> of equally tight and tender places the first and how many there are, in their order */
    private function ranks(): array
    {
        $ranks = [];
        $first = 0;
        foreach (array_count_values(array_column($this->pulled, 2)) as $count) {
            $ranks[] = [$first, $count];
            $first += $count;
        }

        return $ranks;
    }

    /**
     * What the first or the last visit may take: whole ranks from its end on and any of the next one.
     *
     * @param list<array{int, int}> $ranks from its end on
     *
     * @return list<Share> those that it holds, and that leave the others what they may hold
     */
    private function shares(int $visit, array $ranks): array
    {
        $shares = [];
        $whole = [0, 0.0, 0.0];
        foreach ($ranks as [$first, $count]) {
            $alike = $this->alike($first, $count);
            $sums = [$whole];
            for ($set = 0; $set < 1 << $count; $set++) {
                if ($set > 0) {
                    $at = $first + self::lowest($set);
                    [$others, $pull, $minutes] = $sums[$set & ($set - 1)];
                    $option = $this->pulled[$at][1];
                    $sums[$set] = [$others | 1 << $at, $pull + $option->tensionMinutes, $minutes + $option->minutes];
                }
                $isTriedOtherwise = $visit === 0 ? ($set >> 1) & ~$set & $alike : $set & ~($set >> 1) & $alike;
                // All of a rank is nothing of the next one.
                if ($isTriedOtherwise === 0 && $set !== (1 << $count) - 1 && $this->mayTake($visit, $sums[$set])) {
                    $shares[] = $sums[$set];
                }
            }
            $whole = $sums[(1 << $count) - 1];
        }

        return $this->mayTake($visit, $whole) ? [...$shares, $whole] : $shares;
    }

    /** @return int bits of the places of a rank that are just like the next one */
    private function alike(int $first, int $count): int
    {
        $alike = 0;
        for ($at = 0; $at < $count - 1; $at++) {
            [$one, $other] = [$this->pulled[$first + $at][1], $this->pulled[$first + $at + 1][1]];
            if ($one->tensionMinutes === $other->tensionMinutes && $one->minutes === $other->minutes) {
                $alike |= 1 << $at;
            }
        }

        return $alike;
    }

    /** @return int place of the lowest bit */
    private static function lowest(int $set): int
    {
        for ($at = 0; ($set & 1 << $at) === 0; $at++);

        return $at;
    }

    /** @param Share $share */
    private function mayTake(int $visit, array $share): bool
    {
        [, $pull, $minutes] = $share;
        $bears = $holds = 0.0;
        foreach ($this->limits as $other => $limit) {
            if ($other !== $visit) {
                $bears += $limit->tensionMinutes - $this->pulls[$other];
                $holds += $this->room[$other];
            }
        }
        $room = $this->room[$visit] - $minutes;

        return $this->pulls[$visit] + $pull <= $this->limits[$visit]->tensionMinutes + self::NOTHING_MINUTES
            && $room >= -self::NOTHING_MINUTES
            && $this->all[1] - $pull <= $bears + self::NOTHING_MINUTES
            && $this->all[2] - $minutes + max(0.0, $this->rest->minutes - $room) <= $holds + self::NOTHING_MINUTES;
    }

    /**
     * @param array<int, float> $pulls
     * @param array<int, float> $room
     */
    private function isWithin(array $pulls, array $room): bool
    {
        foreach ($this->limits as $visit => $limit) {
            if ($pulls[$visit] > $limit->tensionMinutes + self::NOTHING_MINUTES || $room[$visit] < -self::NOTHING_MINUTES) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Share> $shares of each visit
     *
     * @return list<array<string, Option>>
     */
    private function with(array $shares): array
    {
        $visits = $this->visits;
        foreach ($shares as $visit => [$set]) {
            foreach ($this->pulled as $at => [$section, $option]) {
                if (($set & 1 << $at) !== 0) {
                    $visits[$visit][$section] = $option;
                }
            }
        }

        return array_values($visits);
    }

    /** @param array<string, Option> $options */
    private static function visit(array $options): VisitOfSeveral
    {
        $sections = array_values(array_filter(Section::cases(), fn(Section $section): bool => isset($options[$section->value])));

        return new VisitOfSeveral($sections, self::minutesOf($options), self::tensionOf($options));
    }

    /** @param array<array-key, Option> $options */
    private static function minutesOf(array $options): float
    {
        return (float) array_sum(array_map(fn(Option $option): float => $option->minutes, $options));
    }

    /** @param array<array-key, Option> $options */
    private static function tensionOf(array $options): float
    {
        return (float) array_sum(array_map(fn(Option $option): float => $option->tensionMinutes, $options));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\MattingScale;
use HoundCheck\Core\Memory\PastInterval;
use PHPUnit\Framework\TestCase;

final class DogsClockTest extends TestCase
{
    public function test_a_dog_that_nobody_knows_is_the_usual_one_with_its_spread(): void
    {
        $clock = self::learned();

        self::assertEqualsWithDelta(0, $clock->mean(), 1e-12);
        self::assertEqualsWithDelta(0.349859, $clock->sd(), 1e-6);
        foreach ([Section::Muzzle, Section::EarLeft] as $section) {
            self::assertEqualsWithDelta(self::byHand([], $section, Grade::Mat, 0.4), $clock->chance($section, Grade::Mat, 0.4), 1e-12);
        }
    }

    public function test_what_is_learned_is_what_going_through_every_pair_of_the_grid_gives(): void
    {
        $past = [
            Lives::interval(['tail' => [56, Grade::Mat], 'ear_l' => [56, Grade::Tangle], 'ear_r' => [40, Grade::Pelted]]),
            Lives::interval(['tail' => [35, Grade::Clear], 'ear_r' => [35, Grade::TightMat], 'back' => [90, Grade::Drag]], mm: 35),
        ];
        $clock = self::learned(...$past);

        foreach ([Section::Tail, Section::EarLeft, Section::EarRight, Section::Back, Section::Muzzle] as $section) {
            foreach ([Grade::Tangle, Grade::TightMat] as $grade) {
                self::assertEqualsWithDelta(
                    self::byHand($past, $section, $grade, 0.7),
                    $clock->chance($section, $grade, 0.7),
                    1e-10,
                    "{$section->value} {$grade->value}",
                );
            }
        }
    }

    public function test_a_dog_found_clear_after_long_months_mats_slower_and_one_found_pelted_faster(): void
    {
        $usual = self::learned();
        $slow = self::learned(Lives::allAt(Grade::Clear, 90));
        $fast = self::learned(Lives::allAt(Grade::TightMat, 42));

        self::assertGreaterThan($usual->mean() + 0.3, $slow->mean());
        self::assertLessThan($usual->mean() - 0.3, $fast->mean());
        self::assertLessThan(min($usual->sd(), 0.2), $fast->sd());
        foreach (Section::cases() as $section) {
            self::assertLessThan($usual->chance($section, Grade::Mat, 0.3), $slow->chance($section, Grade::Mat, 0.3));
            self::assertGreaterThan($usual->chance($section, Grade::Mat, 0.3), $fast->chance($section, Grade::Mat, 0.3));
        }
    }

    public function test_a_part_that_always_mats_is_known_on_both_sides_and_says_less_of_the_others(): void
    {
        $usual = self::learned();
        $clock = self::learned(...array_fill(0, 4, Lives::interval(['armpit_l' => [42, Grade::TightMat]])));
        $more = fn(Section $section): float => $clock->chance($section, Grade::Mat, 0.3) - $usual->chance($section, Grade::Mat, 0.3);

        self::assertSame($more(Section::ArmpitLeft), $more(Section::ArmpitRight));
        self::assertGreaterThan(0, $more(Section::Tail));
        self::assertLessThan($more(Section::ArmpitLeft), $more(Section::Tail));
    }

    public function test_knots_that_were_washed_and_left_to_dry_count_as_what_they_were_before(): void
    {
        foreach ([[5, 4], [4, 3], [3, 2], [2, 2], [1, 1], [0, 0]] as [$found, $before]) {
            $washed = self::learned(Lives::interval(['tail' => [50, Grade::from($found)]], washedOverKnots: true));
            $dry = self::learned(Lives::interval(['tail' => [50, Grade::from($before)]]));

            self::assertSame($dry->mean(), $washed->mean());
        }
    }

    public function test_a_long_life_is_learned_without_running_out_of_numbers(): void
    {
        $clear = self::learned(...array_fill(0, 60, Lives::allAt(Grade::Clear, 400)));
        $pelted = self::learned(...array_fill(0, 60, Lives::allAt(Grade::Pelted, 1)));

        self::assertEqualsWithDelta(1.4, $clear->mean(), 1e-6);
        self::assertEqualsWithDelta(-1.4, $pelted->mean(), 1e-6);
        self::assertEqualsWithDelta(0, $pelted->sd(), 1e-3);
        self::assertGreaterThan(0.05, $pelted->chance(Section::Back, Grade::Mat, 0.01));
    }

    public function test_a_worse_grade_is_never_likelier_and_more_days_never_less(): void
    {
        $clock = self::learned(Lives::allAt(Grade::Tangle, 42), Lives::interval(['tail' => [20, Grade::Pelted]]));
        foreach (Section::cases() as $section) {
            $before = array_fill(2, 4, 0.0);
            foreach ([0.0, 0.01, 0.2, 1.0, 5.0, 80.0] as $exposure) {
                $chances = $clock->chances($section, $exposure);
                self::assertSame([2, 3, 4, 5], array_keys($chances));
                $falling = $chances;
                rsort($falling);
                self::assertSame($falling, array_values($chances));
                foreach ($chances as $grade => $chance) {
                    self::assertGreaterThanOrEqual($before[$grade] - 1e-12, $chance);
                    self::assertLessThanOrEqual(1, $chance);
                }
                $before = $chances;
            }
        }
    }

    private static function learned(PastInterval ...$past): DogsClock
    {
        return DogsClock::learned(CoatType::Curly, array_values($past), new MemoryRules);
    }

    /**
     * The same from the definition: every z, and for every part every u, without what makes it quick.
     *
     * @param list<PastInterval> $past
     */
    private static function byHand(array $past, Section $asked, Grade $atLeast, float $exposure): float
    {
        $scale = new MattingScale(CoatType::Curly, new MemoryRules);
        $reaches = fn(int $grade, float $x, float $s): float => match (true) {
            $grade < 2 => 1.0,
            $grade > 5 => 0.0,
            default => 1 - exp(-$x / $scale->gradeSquared(Grade::from($grade)) * exp(-2 * $s)),
        };
        $parts = array_unique(array_map(fn(Section $section): string => $section->part()->value, Section::cases()));
        $top = $bottom = 0.0;
        foreach (range(-28, 28) as $i) {
            $z = $i / 20;
            $all = exp(-($z ** 2) / (2 * 0.35 ** 2));
            $mean = 0.0;
            foreach ($parts as $part) {
                $sum = $weights = $reached = 0.0;
                foreach (range(-6, 6) as $j) {
                    $u = $j / 10;
                    $weight = exp(-($u ** 2) / (2 * 0.2 ** 2));
                    $weights += $weight;
                    foreach ($past as $interval) {
                        foreach (Section::cases() as $section) {
                            if ($section->part()->value !== $part || ($known = $interval->at($section)) === null) {
                                continue;
                            }
                            [$days, $grade] = $known;
                            $x = $scale->exposure($section, $days, $interval->lengthsMm[$section->value], $interval->life);
                            $g = max(1, $grade->value);
                            $weight *= $reaches($g, $x, $z + $u) - $reaches($g + 1, $x, $z + $u);
                        }
                    }
                    $sum += $weight;
                    $reached += $weight * $reaches($atLeast->value, $exposure, $z + $u);
                }
                $all *= $sum / $weights;
                $mean = $part === $asked->part()->value ? $reached / $sum : $mean;
            }
            $top += $all * $mean;
            $bottom += $all;
        }

        return $top / $bottom;
    }
}

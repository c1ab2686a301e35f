<?php

declare(strict_types=1);

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\NextVisit;

/** What was said of mats before each visit, held against what came: for the benchmarks of the next visit. */
final class ForecastScore
{
    /** @var array{own: list<float>, prior: list<float>} chances of Mat or worse, a section each */
    private array $said = ['own' => [], 'prior' => []];

    /** @var list<bool> */
    private array $came = [];

    /** @var array{own: list<float>, prior: list<float>} part that minutes were off */
    private array $minutesOff = ['own' => [], 'prior' => []];

    /** @var array<int, list<float>> by visits known */
    private array $slownessOff = [];

    /** @var array{tension: float, tight: float, weeks: int, dogs: int, none: int} */
    private array $suggested = ['tension' => 0.0, 'tight' => 0.0, 'weeks' => 0, 'dogs' => 0, 'none' => 0];

    /** @var array{tension: float, tight: float} */
    private array $eight = ['tension' => 0.0, 'tight' => 0.0];

    public function section(float $own, float $prior, bool $came): void
    {
        $this->said['own'][] = $own;
        $this->said['prior'][] = $prior;
        $this->came[] = $came;
    }

    public function minutes(float $own, float $prior, float $came): void
    {
        $this->minutesOff['own'][] = abs($own - $came) / $came;
        $this->minutesOff['prior'][] = abs($prior - $came) / $came;
    }

    public function slowness(int $visits, float $learned, float $hidden): void
    {
        if (in_array($visits, [1, 3, 6, 12], true)) {
            $this->slownessOff[$visits][] = $learned - $hidden;
        }
    }

    /**
     * What the suggested interval would cost a year against a fixed eight weeks, by what the dog really is.
     *
     * @param Closure(Section, float): array<int, float> $truly chance of each grade 2–5 or worse, for an exposure
     */
    public function interval(NextVisit $next, LifeAtHome $really, Closure $truly): void
    {
        $weeks = $next->recommendedWeeks($next->forecast());
        if ($weeks === null) {
            $this->suggested['none']++;

            return;
        }
        $this->suggested['weeks'] += $weeks;
        $this->suggested['dogs']++;
        foreach ([[$weeks, &$this->suggested], [8, &$this->eight]] as [$interval, &$sum]) {
            $effort = $next->forecaster->effortAfter($interval, $next->coat);
            foreach (Section::cases() as $section) {
                $chances = $truly($section, $next->forecaster->exposure($section, $interval, $next->coat, $really));
                $sum['tension'] += $next->forecaster->work($section, $chances, $effort)[1] * 52 / $interval;
                $sum['tight'] += $chances[4] * 52 / $interval;
            }
        }
    }

    public function print(int $dogs): void
    {
        $cases = count($this->came);
        $share = array_sum(array_map(intval(...), $this->came)) / $cases;
        $alike = $this->brier(array_fill(0, $cases, $share));
        [$own, $prior] = [$this->brier($this->said['own']), $this->brier($this->said['prior'])];
        printf("%d dogs, %d sections combed, %.1f %% at Mat or worse\n\n", $dogs, $cases, 100 * $share);
        printf("Brier score of mats        own clock %.4f   prior alone %.4f   every dog alike %.4f\n", $own, $prior, $alike);
        printf("ratio to every dog alike   own clock %.2f     prior alone %.2f\n\n", $own / $alike, $prior / $alike);
        $this->printBands();
        printf("\nhow far off z (it spreads by 0.35 over dogs):");
        foreach ($this->slownessOff as $visits => $off) {
            $squares = array_sum(array_map(fn(float $one): float => $one ** 2, $off));
            printf('  after %d visits %.3f (%d dogs)', $visits, sqrt($squares / count($off)), count($off));
        }
        printf(
            "\nminutes at the table, median off: own clock %.1f %%, prior alone %.1f %%\n",
            100 * self::median($this->minutesOff['own']),
            100 * self::median($this->minutesOff['prior']),
        );
        $suggested = $this->suggested;
        printf(
            'suggested intervals: mean %.1f weeks for %d dogs (%d have none); against eight weeks, a year: '
            ."tension %.2f times, tight sections %.2f times, visits %.2f times\n",
            $suggested['weeks'] / $suggested['dogs'],
            $suggested['dogs'],
            $suggested['none'],
            $suggested['tension'] / $this->eight['tension'],
            $suggested['tight'] / $this->eight['tight'],
            8 * $suggested['dogs'] / $suggested['weeks'],
        );
    }

    private function printBands(): void
    {
        printf("%-12s %8s %8s %8s\n", 'said', 'cases', 'said %', 'came %');
        $bands = [];
        foreach ($this->said['own'] as $at => $p) {
            $band = min(9, (int) ($p * 10));
            $bands[$band] = [($bands[$band][0] ?? 0) + 1, ($bands[$band][1] ?? 0) + $p, ($bands[$band][2] ?? 0) + ($this->came[$at] ? 1 : 0)];
        }
        ksort($bands);
        foreach ($bands as $band => [$cases, $sum, $hits]) {
            $off = $cases > 500 && abs($sum - $hits) / $cases > 0.03 ? '  more than 3 points off' : '';
            printf("%3d-%3d %%    %8d %8.1f %8.1f%s\n", 10 * $band, 10 * $band + 10, $cases, 100 * $sum / $cases, 100 * $hits / $cases, $off);
        }
    }

    /** @param list<float> $said */
    private function brier(array $said): float
    {
        return array_sum(array_map(fn(float $p, bool $came): float => ($p - ($came ? 1 : 0)) ** 2, $said, $this->came)) / count($said);
    }

    /** @param list<float> $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }
}

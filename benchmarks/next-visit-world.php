<?php

// Does a dog's own clock help? php benchmarks/next-visit-world.php [dogs] [seed]
// A made-up world of dogs with a hidden clock, two years of visits each; every visit is forecast from what was known before it
// and held against what came. One owner in five tells home brushing better than it is. Nothing is asked of the database.
// Baselines of the same run: the prior alone (the usual dog of that coat, length and life), and every dog alike (the share of
// sections at Mat or worse in the whole world).

declare(strict_types=1);

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\Forecaster;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\MattingScale;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Memory\PastInterval;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/ForecastScore.php';

const DAYS = 730;
$dogs = (int) ($argv[1] ?? 200);
$random = new Randomizer(new Mt19937((int) ($argv[2] ?? 20261126)));
$house = HouseRules::shop();
$rules = new MemoryRules;
$matted = [Grade::Tangle, Grade::Mat, Grade::TightMat, Grade::Pelted];

$chance = fn(): float => $random->getInt(1, 2 ** 53) / 2 ** 53;
$normal = fn(): float => sqrt(-2 * log($chance())) * cos(2 * M_PI * $chance());
$one = fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];

$score = new ForecastScore;
for ($n = 0; $n < $dogs; $n++) {
    $coat = $one([CoatType::Curly, CoatType::Curly, CoatType::Mixed, CoatType::Mixed, CoatType::Silky, CoatType::Double, CoatType::Wire]);
    $cutMm = match ($coat) {
        CoatType::Curly, CoatType::Mixed => $one([9.5, 13.0, 25.0, 40.0, 60.0]),
        CoatType::Silky => $one([20.0, 60.0, 150.0]),
        CoatType::Double => $one([40.0, 60.0]),
        default => $one([20.0, 40.0]),
    };
    $z = 0.35 * $normal();
    $u = [];
    foreach (BodyPart::cases() as $part) {
        $u[$part->value] = 0.2 * $normal();
    }
    $homes = [HomeBrushing::None, HomeBrushing::TopOnly, HomeBrushing::WeeklyToTheSkin, HomeBrushing::TwiceAWeekToTheSkin];
    $really = $random->getInt(0, 3);
    $told = $chance() < 0.2 ? min(3, $really + $random->getInt(1, 2)) : $really;
    $gear = array_values(array_filter([$chance() < 0.7 ? Gear::Collar : null, $chance() < 0.5 ? Gear::Harness : null]));
    $age = $random->getInt(4, 130);
    $kg = 4 + 26 * $chance();
    $temperament = $one(Temperament::cases());
    $scale = new MattingScale($coat, $rules);
    $left = new LeftCoat($coat, $cutMm, [], $rules);
    $dogAt = fn(float $mm, int $months): Dog => new Dog($kg, $coat, false, $mm, [], $months, $temperament, []);
    // What the dog really is: the chance of each grade 2–5 or worse.
    $truly = function (Section $section, float $x) use ($scale, $z, $u, $matted): array {
        $shrink = exp(-2 * ($z + $u[$section->part()->value]));

        $reached = fn(Grade $grade): float => 1 - exp(-$x / $scale->gradeSquared($grade) * $shrink);

        return array_combine(array_column($matted, 'value'), array_map($reached, $matted));
    };

    $past = [];
    $every = $random->getInt(28, 80);
    for ($day = 0; $day < DAYS; $day += $days) {
        $days = max(14, $every + $random->getInt(-10, 14));
        $months = $age + (int) (($day + $days) / 30.4);
        $trueLife = new LifeAtHome($homes[$really], false, $gear, false, [], $months);
        $life = $trueLife->with($homes[$told]);
        $midMm = $left->lengthMm(Section::Back, $days / 2);
        $inMm = $left->lengthMm(Section::Back, $days);
        $clocks = ['own' => DogsClock::learned($coat, $past, $rules), 'prior' => DogsClock::learned($coat, [], $rules)];
        $forecaster = new Forecaster($dogAt($inMm, $months), $clocks['prior'], $house);
        $effort = $forecaster->effortAfter(0, new LeftCoat($coat, $inMm, [], $rules));
        $found = $lengths = [];
        $minutes = ['own' => 0.0, 'prior' => 0.0, 'came' => 0.0];
        foreach (Section::cases() as $section) {
            $dice = $chance();
            $reached = array_map(
                fn(float $truly): float => $truly > $dice ? 1.0 : 0.0,
                $truly($section, $scale->exposure($section, $days, $midMm, $trueLife)),
            );
            $found[$section->value] = [(float) $days, array_sum($reached) > 0 ? Grade::from(1 + (int) array_sum($reached)) : Grade::Clear];
            $lengths[$section->value] = ($cutMm + $inMm) / 2;
            $said = [];
            $minutes['came'] += $forecaster->work($section, $reached, $effort)[0];
            foreach ($clocks as $which => $clock) {
                $chances = $clock->chances($section, $scale->exposure($section, $days, $midMm, $life));
                $said[$which] = $chances[3];
                $minutes[$which] += $forecaster->work($section, $chances, $effort)[0];
            }
            $score->section($said['own'], $said['prior'], $reached[3] > 0);
        }
        $score->minutes($minutes['own'], $minutes['prior'], $minutes['came']);
        $past[] = new PastInterval($life, $lengths, $found);
        $score->slowness(count($past), DogsClock::learned($coat, $past, $rules)->mean(), $z);
    }

    // Two years on, the salon suggests; a fixed eight weeks beside it. Both by what the dog really is, for the same year.
    $months = $age + 24;
    $trueLife = new LifeAtHome($homes[$really], false, $gear, false, [], $months);
    $clock = DogsClock::learned($coat, $past, $rules);
    $next = new NextVisit($dogAt($cutMm, $months), $left, $trueLife->with($homes[$told]), $clock, $house);
    $score->interval($next, $trueLife, $truly);
}

$score->print($dogs);

<?php

// The whole next visit of a dog (its clock, nine intervals, keepable coat, owner's plan), in plain PHP, by visits known:
// php benchmarks/next-visit-speed.php
// The baseline is the same report of a dog that nobody knows, in the same run: what the clock's history adds.

declare(strict_types=1);

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Memory\PastInterval;
use HoundCheck\Core\Owner\OwnersMinutes;
use HoundCheck\Core\Owner\OwnersPlan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Dogs;

require __DIR__.'/../vendor/autoload.php';

/** @return list<PastInterval> every section known at every visit, cut to many lengths, so that nothing is shared */
function past(int $visits, Randomizer $random): array
{
    $life = new LifeAtHome(HomeBrushing::WeeklyToTheSkin, true, [Gear::Harness, Gear::Collar], false, [Section::ForefootLeft], 40);
    $past = [];
    for ($visit = 0; $visit < $visits; $visit++) {
        $lengths = $found = [];
        foreach (Section::cases() as $section) {
            $lengths[$section->value] = (float) $random->getInt(10, 90);
            $found[$section->value] = [(float) $random->getInt(20, 90), Grade::from($random->getInt(0, 5))];
        }
        $past[] = new PastInterval($life, $lengths, $found);
    }

    return $past;
}

/** @return float milliseconds, the best of five runs */
function measured(int $visits): float
{
    $random = new Randomizer(new Mt19937(7));
    $rules = new MemoryRules;
    $house = HouseRules::shop();
    $past = past($visits, $random);
    $sections = [];
    foreach (Section::cases() as $section) {
        $sections[$section->value] = (float) $random->getInt(10, 90);
    }
    $dog = Dogs::dog(coat: CoatType::Curly, coatMm: 40, sectionMm: $sections);
    $life = new LifeAtHome(HomeBrushing::WeeklyToTheSkin, true, [Gear::Harness], false, [Section::ForefootLeft], 48);
    $best = INF;
    for ($run = 0; $run < 5; $run++) {
        $start = hrtime(true);
        $coat = new LeftCoat(CoatType::Curly, 40, $sections, $rules);
        $next = new NextVisit($dog, $coat, $life, DogsClock::learned(CoatType::Curly, $past, $rules), $house);
        $weeks = $next->weeksLookedAt($next->recommendedWeeks($next->forecast()));
        $next->places($weeks);
        $next->keepable();
        OwnersPlan::of($next, $weeks, new OwnersMinutes(15, 3));
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return $best;
}

$unknown = measured(0);
foreach ([0, 1, 3, 6, 12, 24, 40] as $visits) {
    $time = measured($visits);
    printf("%2d visits: %6.1f ms, %4.2f times a dog that nobody knows\n", $visits, $time, $time / $unknown);
}
printf("memory at most %.1f MB\n", memory_get_peak_usage(true) / 1024 / 1024);

<?php

declare(strict_types=1);

use App\Models\Dog;
use App\Visits\MemoryBook;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog as DogOfTheDay;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Memory\MattingScale;

/*
 * Does a dog's own clock help? Every visit of the demo's two years is forecast from what was known before it and held against
 * what the comb found. The hidden clocks come from the truth file, which the application never reads.
 * Baselines of the same run: the prior alone (the usual dog of that coat, length and life), and every dog alike.
 *
 *   bin/demo --fresh   (writes storage/app/private/demo-truth.json)
 *   php benchmarks/next-visit.php
 */


require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/ForecastScore.php';
require __DIR__.'/demo.php';

$truthFile = dirname(__DIR__).'/storage/app/private/demo-truth.json';
if (! is_file($truthFile)) {
    exit("There is no truth to check against. Run bin/demo --fresh first.\n");
}
$truth = json_decode((string) file_get_contents($truthFile), true)['dogs'];
$house = HouseRules::shop();
$rules = $house->memory;
$score = new ForecastScore;
$dogs = 0;
foreach (Dog::query()->orderBy('id')->get() as $card) {
    $hidden = $truth[$card->id] ?? null;
    if ($hidden === null) {
        continue;
    }
    $dogs++;
    // Visits after the two years were made by hand, not by the hidden clock.
    $visits = array_slice((new MemoryBook)->of($card, $rules)->visits, 0, $hidden['visits']);
    foreach ($visits as $at => $visit) {
        $before = DogMemory::of($card->coat, array_slice($visits, 0, $at), $rules, $card->natural_mm);
        $nothing = DogMemory::of($card->coat, [], $rules);
        $dog = $card->onDay(CarbonImmutable::instance($visit->at));
        $dog = new DogOfTheDay(
            $dog->weightKg,
            $dog->coat,
            $dog->primitive,
            DogMemory::usual($visit->cameInMm),
            $visit->cameInMm,
            $visit->life->ageMonths,
            $dog->temperament,
            $dog->health,
        );
        $of = fn(DogMemory $clock): ?Expected => Expected::of(
            $dog,
            $visit->life,
            $before,
            $visit->daysAsTold,
            $visit->washedOverKnots,
            $visit->at,
            $house,
            $clock->clock(),
        );
        [$own, $prior] = [$of($before), $of($nothing)];
        if ($own === null || $prior === null) {
            continue;
        }
        foreach (Section::cases() as $section) {
            $grade = ($visit->found[$section->value] ?? Grade::Clear)->value;
            if (isset($own->chances[$section->value], $visit->found[$section->value])) {
                $score->section($own->chances[$section->value][3], $prior->chances[$section->value][3], $grade >= 3);
            }
        }
        $score->minutes($own->minutes, $prior->minutes, $visit->workedMinutes);
        $learned = DogMemory::of($card->coat, array_slice($visits, 0, $at + 1), $rules)->clock();
        $score->slowness($at + 1, $learned->mean(), $hidden['slowness']);
    }
    $next = DogMemory::of($card->coat, $visits, $rules, $card->natural_mm)->nextVisit($card->onDay(CarbonImmutable::now()), $house);
    if ($next === null) {
        continue;
    }
    $scale = new MattingScale($card->coat, $rules);
    $truly = function (Section $section, float $exposure) use ($scale, $hidden): array {
        $shrink = exp(-2 * ($hidden['slowness'] + $hidden['parts'][$section->part()->value]));
        $matted = [Grade::Tangle, Grade::Mat, Grade::TightMat, Grade::Pelted];

        return array_combine(
            array_column($matted, 'value'),
            array_map(fn(Grade $grade): float => 1 - exp(-$exposure / $scale->gradeSquared($grade) * $shrink), $matted),
        );
    };
    $score->interval($next, $next->life->with(HomeBrushing::from($hidden['home'])), $truly);
}
$score->print($dogs);

<?php

declare(strict_types=1);

/** The rules alone, without framework or database: milliseconds for a whole report of a dog. */

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\SectionReading;

require __DIR__.'/../vendor/autoload.php';

$dog = new Dog(18, CoatType::Curly, false, 60, [], 50, Temperament::Easy, []);
$checks = [
    'clear dog' => new CombCheck(Comb::Glides, SkinLine::Clear),
    'matted all over' => new CombCheck(Comb::Stops, SkinLine::Patchy, opens: Opens::Tool, mattedShare: 0.2, liftMm: 13),
];
$median = function (callable $work): float {
    $times = [];
    for ($round = 0; $round < 200; $round++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[100];
};
foreach ($checks as $name => $check) {
    $case = new CoatCase(
        $dog,
        new Kit,
        120,
        ClipConsent::Ask,
        array_fill_keys(array_column(Section::cases(), 'value'), new SectionReading($check)),
    );
    printf(
        "report of a %-16s %6.2f ms\n",
        $name,
        $median(fn(): PlanTotals => PlanTotals::of(CoatReport::of($case, HouseRules::shop()), Choices::of([]))),
    );
}
printf("%-28s %6.2f ms\n", 'the guide of the comb check', $median(fn(): array => (new Guide)->steps()));

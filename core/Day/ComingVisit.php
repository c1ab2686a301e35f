<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\Effort\OtherMinutes;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Tolerance\Standing;

/** What a dog that is to come will take: the steps that its appointment is booked with. A guess until the comb has touched it. */
final readonly class ComingVisit
{
    private const USUAL_KG = 12.0;

    private const USUAL_MM = 40.0;

    private const USUAL_MONTHS = 48;

    /** What is clipped before the bath has not to be dried: a small part of what it saves at the table. Rule of thumb. */
    private const CLIPPED_IS_NOT_DRIED = 0.15;

    private Effort $effort;

    private OtherMinutes $other;

    private Spreads $spreads;

    /**
     * @param Dog $dog as it will be on that day
     * @param float $tableMinutes of its brush-out, uncorrected
     * @param float $habit as `WorkHabit` gives it: under 1, mats are clipped rather than opened
     */
    public function __construct(
        private Dog $dog,
        private float $tableMinutes,
        private Service $service,
        private FinishStyle $style,
        private HouseRules $house,
        private GroomerClocks $clocks = new GroomerClocks,
        private float $habit = 1.0,
    ) {
        $this->effort = new Effort($dog, $house->effort);
        $this->other = new OtherMinutes($dog, $house->effort);
        $this->spreads = new Spreads($house->day, $clocks, true);
    }

    /**
     * @param Dog $card as its card has it on that day
     * @param DogMemory $memory of all its visits; a dog that was never here is reckoned with as the usual dog of its coat
     */
    public static function expected(
        Dog $card,
        DogMemory $memory,
        \DateTimeImmutable $at,
        Service $service,
        HouseRules $house,
        GroomerClocks $clocks = new GroomerClocks,
    ): self {
        $grown = $memory->grownMm($at);
        $dog = $grown === null ? $card : $card->withLengths(...$grown);
        $life = $memory->last()?->life->atAge($dog->ageMonths)
            ?? LifeAtHome::told($dog->coat, $dog->coatMm, null, null, null, false, [], false, [], $dog->ageMonths);
        $expected = Expected::of($dog, $life, $memory, $house->day->newDogDays(), false, $at, $house);

        $style = FinishStyle::usual($dog->coat);

        return new self($dog, $expected->minutes ?? 0.0, $service, $style, $house, $clocks, $expected->habit ?? 1.0);
    }

    /** A middling dog that nobody knows: what a day is asked with before somebody asks for a time. */
    public static function usual(Service $service, HouseRules $house): self
    {
        $dog = new Dog(self::USUAL_KG, CoatType::Mixed, false, self::USUAL_MM, [], self::USUAL_MONTHS, Temperament::Easy, []);

        return self::expected($dog, DogMemory::of($dog->coat, [], $house->memory), new \DateTimeImmutable('@0'), $service, $house);
    }

    /** @return list<PlannedStep> in the order of the work */
    public function steps(): array
    {
        $minutes = $this->service === Service::NailsAndTidy ? $this->nailsAndTidy() : $this->wholeVisit();
        $steps = [];
        foreach ($minutes as $step => $median) {
            $steps[] = new PlannedStep(Step::from($step), $median, $this->spreads->of(Step::from($step)));
        }

        return $steps;
    }

    /** @return array<string, float> by step */
    private function nailsAndTidy(): array
    {
        return [
            Step::Inspect->value => $this->house->effort->talkMinutes,
            Step::Finish->value => $this->corrected($this->finishMinutes(), $this->clocks->finish) + $this->other->cleanUp(false),
        ];
    }

    /** @return array<string, float> by step */
    private function wholeVisit(): array
    {
        $table = (1 + $this->house->day->betweenPart) * $this->corrected($this->tableMinutes, $this->clocks->table);
        $brush = $table + $this->other->stripping($this->service, $this->style);
        $bath = $this->effort->bathMinutes();
        $dry = $this->corrected($this->effort->dryMinutes(), $this->clocks->drying) * $this->habit ** self::CLIPPED_IS_NOT_DRIED;
        $check = $this->other->secondCheck($this->effort);
        $finish = $this->corrected($this->finishMinutes(), $this->clocks->finish);

        return [
            Step::Inspect->value => $this->other->arrival(),
            Step::Answer->value => $this->house->day->answerMinutes,
            Step::Brush->value => $brush + $this->rests($brush + $bath + $dry + $check + $finish),
            Step::Bath->value => $bath,
            Step::Dry->value => $dry,
            Step::Check->value => $check,
            Step::Finish->value => $finish + $this->other->cleanUp(false),
        ];
    }

    private function finishMinutes(): float
    {
        return $this->other->finish($this->service, $this->style, false);
    }

    private function rests(float $onItsFeet): float
    {
        $standing = Standing::of($this->dog, $this->house->standing);

        return $standing->rests($onItsFeet) * $standing->restMinutes;
    }

    private function corrected(float $minutes, GroomerClock $clock): float
    {
        return Forecast::ofMany($minutes, $clock, $this->house->effort)->corrected;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Tolerance\Standing;

/** Minutes left of each step of a visit at one moment, as the day's list reckons with them. */
final readonly class DayClock
{
    /** Whoever combed less than so many seconds ago is still at it. */
    private const AT_IT_SECONDS = 180;

    private const SECTIONS = 30;

    public function __construct(private DayFacts $facts, private int $now, private EffortRates $rates, private GroomerClocks $clocks) {}

    public function isAtIt(): bool
    {
        return $this->now - $this->facts->lastAt < self::AT_IT_SECONDS;
    }

    /** Left of what a need is about. */
    public function work(Need $need): Minutes
    {
        return match ($need) {
            Need::Inspection, Need::FinishInspection => $this->inspection(),
            Need::Bath, Need::RinseOut, Need::ClearForBath => $this->bath(),
            Need::Dry, Need::DryToTheSkin => $this->drying(),
            Need::SecondCombCheck => $this->secondCheck(),
            Need::Finish => $this->finish(),
            default => $this->table(),
        };
    }

    /** Until the dog can go home, if nobody keeps it waiting. */
    public function ready(): Minutes
    {
        if ($this->facts->signedOff) {
            return Minutes::none();
        }

        $onItsFeet = $this->onItsFeet();

        return $this->inspection()->plus($onItsFeet)->plus($this->rests($onItsFeet))->plus($this->cleanUp());
    }

    /** The rests that are still to come, all of them. */
    public function restsLeft(): Minutes
    {
        return $this->rests($this->onItsFeet());
    }

    public function cleanUp(): Minutes
    {
        return $this->usual($this->facts->cleanUpMinutes);
    }

    private function onItsFeet(): Minutes
    {
        $wet = $this->bath()->plus($this->drying())->plus($this->secondCheck());

        return $this->table()->plus($this->facts->goesOn ? Minutes::none() : $wet)->plus($this->finish());
    }

    /** The rests that the work asks, after what the dog has stood already. */
    private function rests(Minutes $work): Minutes
    {
        $standing = new Standing($this->facts->standsMinutes, $this->facts->restMinutes);
        $minutes = fn(float $left): float => $standing->rests($this->facts->stoodMinutes + $left) * $standing->restMinutes;

        return new Minutes($minutes($work->likely), $minutes($work->from), $minutes($work->to));
    }

    public function inspection(): Minutes
    {
        return $this->usual($this->facts->arrivalMinutes)->part($this->facts->toCheck / self::SECTIONS);
    }

    public function table(): Minutes
    {
        $facts = $this->facts;
        if ($facts->cleared || $facts->bathed || $facts->brushedAfterDrying) {
            return Minutes::none();
        }
        if ($facts->isGuess() && ! $facts->begun) {
            return $this->usual($facts->slotMinutes);
        }
        $stripping = $this->usual($facts->strippingMinutes);
        $left = $this->by($this->clocks->table, $facts->leftMinutes);

        return ($facts->handsOn ? $left->after(($this->now - $facts->lastAt) / 60) : $left)->plus($stripping);
    }

    public function bath(): Minutes
    {
        if ($this->facts->bathed) {
            return Minutes::none();
        }
        $whole = $this->usual($this->facts->bathMinutes);

        return $this->facts->bathAt === null ? $whole : $whole->after(($this->now - $this->facts->bathAt) / 60);
    }

    public function drying(): Minutes
    {
        $areas = count(DryArea::cases());
        $left = $this->by($this->clocks->drying, $this->facts->dryMinutes)->part(($areas - $this->facts->areasDry) / $areas);

        return $this->facts->dryingAt === null ? $left : $left->after(($this->now - $this->facts->lastAt) / 60);
    }

    public function secondCheck(): Minutes
    {
        $check = $this->usual($this->facts->secondCheckMinutes);
        $lines = $this->facts->brushedAfterDrying
            ? $this->by($this->clocks->table, $this->facts->leftMinutes)
            : Minutes::none();

        return $check->plus($lines)->part($this->facts->secondLeft / self::SECTIONS);
    }

    public function finish(): Minutes
    {
        return $this->by($this->clocks->finish, $this->facts->finishMinutes);
    }

    private function by(GroomerClock $clock, float $minutes): Minutes
    {
        return Minutes::of(Forecast::ofMany($minutes, $clock, $this->rates));
    }

    private function usual(float $minutes): Minutes
    {
        return new Minutes($minutes, $minutes * $this->rates->usualLow, $minutes * $this->rates->usualHigh);
    }
}

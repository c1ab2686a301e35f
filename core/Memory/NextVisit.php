<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;

/** When a dog should come again, what each interval would bring, and what would keep its coat: from everything known of it. */
final readonly class NextVisit
{
    private const WEEKS = [1, 2, 3, 4, 5, 6, 8, 10, 12];

    private const KEEPABLE_WEEKS = [4, 6, 8];

    private const KEEPABLE_HOMES = [HomeBrushing::None, HomeBrushing::WeeklyToTheSkin, HomeBrushing::TwiceAWeekToTheSkin];

    /** Places are named for so many weeks where no interval is keepable. */
    private const WEEKS_WITHOUT = 2;

    public Forecaster $forecaster;

    public MemoryRules $rules;

    /**
     * @param Dog $dog as it is now
     * @param LeftCoat $coat as it goes home
     */
    public function __construct(
        public Dog $dog,
        public LeftCoat $coat,
        public LifeAtHome $life,
        public DogsClock $clock,
        private HouseRules $house,
    ) {
        $this->rules = $house->memory;
        $this->forecaster = new Forecaster($dog, $clock, $house);
    }

    /** @return list<IntervalForecast> by rising weeks */
    public function forecast(): array
    {
        return array_map(fn(int $weeks): IntervalForecast => $this->forecaster->after($weeks, $this->coat, $this->life), self::WEEKS);
    }

    /**
     * The longest keepable interval that its cut allows, whatever the shorter ones are.
     *
     * @param list<IntervalForecast> $forecast what `forecast()` gave
     *
     * @return int|null weeks; null: no interval keeps this coat, and something else has to change
     */
    public function recommendedWeeks(array $forecast): ?int
    {
        $most = $this->mostWeeks();
        $keepable = array_filter(
            $forecast,
            fn(IntervalForecast $interval): bool => $interval->weeks <= $most && $this->forecaster->isKeepable($interval),
        );

        return $keepable === [] ? null : max(array_map(fn(IntervalForecast $interval): int => $interval->weeks, $keepable));
    }

    /** The longest interval that its cut allows, in weeks. */
    public function mostWeeks(): float
    {
        return $this->rules->mostWeeks[$this->dog->coat->value] ?? $this->rules->otherMostWeeks;
    }

    /** The same coat on the usual dog: nothing known of it. */
    public function usual(): Forecaster
    {
        return new Forecaster($this->dog, DogsClock::learned($this->dog->coat, [], $this->rules), $this->house);
    }

    /** The same dog, brushed at home in another way. */
    public function with(HomeBrushing $home): self
    {
        return new self($this->dog, $this->coat, $this->life->with($home), $this->clock, $this->house);
    }

    /** The weeks that places are named for: the suggested ones, else two. */
    public function weeksLookedAt(?int $recommended): int
    {
        return $recommended ?? self::WEEKS_WITHOUT;
    }

    /** @return array<string, array<int, float>> chance of each grade 2–5 or worse after these weeks, by section id */
    public function places(int $weeks): array
    {
        return $this->forecaster->chances($weeks, $this->coat, $this->life);
    }

    /** @return list<KeepableCoat> by length, then home brushing, then weeks */
    public function keepable(): array
    {
        $fields = [];
        foreach ($this->rules->keepableCutsMm as $mm) {
            foreach (self::KEEPABLE_HOMES as $home) {
                foreach (self::KEEPABLE_WEEKS as $weeks) {
                    $forecast = $this->forecaster->after($weeks, $this->coat->cutTo($mm), $this->life->with($home));
                    $fields[] = new KeepableCoat($mm, $home, $forecast, $this->forecaster->isKeepable($forecast));
                }
            }
        }

        return $fields;
    }
}

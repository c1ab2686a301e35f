<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A day, or what is left of it: hands, places and dogs. Times are minutes after midnight. */
final readonly class PlannedDay
{
    /**
     * @param float $start nothing begins before it
     * @param list<OnDuty> $groomers in the order in which they take a dog
     * @param list<PlannedDog> $dogs each id once
     */
    public function __construct(
        public float $start,
        public int $tables,
        public int $tubs,
        public int $dryers,
        public array $groomers,
        public array $dogs,
    ) {}

    public function places(Station $station): int
    {
        return match ($station) {
            Station::Table => $this->tables,
            Station::Tub => $this->tubs,
            Station::Dryer => $this->dryers,
        };
    }

    /** @param list<PlannedDog> $dogs */
    public function withDogs(array $dogs): self
    {
        return new self($this->start, $this->tables, $this->tubs, $this->dryers, $this->groomers, $dogs);
    }

    public function without(string $dog): self
    {
        return $this->withDogs(array_values(array_filter($this->dogs, fn(PlannedDog $one): bool => $one->id !== $dog)));
    }

    public function withDryers(int $dryers): self
    {
        return new self($this->start, $this->tables, $this->tubs, $dryers, $this->groomers, $this->dogs);
    }

    /** The same day with one dog changed, at its place in the list. */
    public function replacing(PlannedDog $dog): self
    {
        return $this->withDogs(array_map(fn(PlannedDog $one): PlannedDog => $one->id === $dog->id ? $dog : $one, $this->dogs));
    }
}

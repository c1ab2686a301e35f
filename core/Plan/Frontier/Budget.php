<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** The dog's tolerance and the table slot, and what the sections still open will need of them at least and at most. */
final readonly class Budget
{
    private int $leastTension;

    private int $leastMinutes;

    private int $mostMinutes;

    /**
     * @param list<Column> $columns all sections of the plan
     * @param int|null $tension scaled; null: no limit
     * @param int|null $minutes scaled; null: no limit
     */
    public function __construct(array $columns, private ?int $tension, private ?int $minutes)
    {
        $this->leastTension = array_sum(array_map(fn(Column $column): int => $column->leastTension(), $columns));
        $this->leastMinutes = array_sum(array_map(fn(Column $column): int => $column->leastMinutes(), $columns));
        $this->mostMinutes = array_sum(array_map(fn(Column $column): int => $column->mostMinutes(), $columns));
    }

    /** @param list<Column> $decided */
    public function roomAfter(array $decided): RoomForWork
    {
        $leastTension = $this->leastTension;
        $leastMinutes = $this->leastMinutes;
        $mostMinutes = $this->mostMinutes;
        foreach ($decided as $column) {
            $leastTension -= $column->leastTension();
            $leastMinutes -= $column->leastMinutes();
            $mostMinutes -= $column->mostMinutes();
        }

        return new RoomForWork(
            $this->tension === null ? PHP_INT_MAX : $this->tension - $leastTension,
            $this->minutes === null ? PHP_INT_MAX : $this->minutes - $leastMinutes,
            $this->minutes === null ? PHP_INT_MAX : $this->minutes - $mostMinutes,
        );
    }

    public function limitsMinutes(): bool
    {
        return $this->minutes !== null;
    }
}

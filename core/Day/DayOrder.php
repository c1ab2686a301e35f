<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/**
 * The order of the day's list: dogs in the order in which they need someone.
 *
 * Now before later; of those that need someone now, the one that has waited longest; of those that wait equally long, the
 * one whose waiting holds up most. A dog with fleas comes after all others; dogs that need nothing come last.
 */
final readonly class DayOrder
{
    /**
     * @param array<string, Attention> $dogs by the visit's id
     *
     * @return list<string> ids in order
     */
    public static function of(array $dogs): array
    {
        $place = fn(string $id): array => [
            $dogs[$id]->need === Need::Nothing,
            $dogs[$id]->last,
            $dogs[$id]->inMinutes,
            $dogs[$id]->since ?? 0,
            $dogs[$id]->need->rank(),
            $id,
        ];
        $ids = array_keys($dogs);
        usort($ids, fn(string $one, string $other): int => $place($one) <=> $place($other));

        return $ids;
    }
}

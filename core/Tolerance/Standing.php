<?php

declare(strict_types=1);

namespace HoundCheck\Core\Tolerance;

use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\House\StandingRules;

/**
 * How long this dog stands before a rest, and how much work a slot holds with the rests in it.
 *
 * Work of m minutes takes ⌈m / S⌉ − 1 rests. A trade's rule of thumb, never a clinical limit.
 */
final readonly class Standing
{
    /** A figure's rounding is no rest. */
    private const NOTHING_MINUTES = 1e-9;

    /** A dog that lies for the work goes on longer before a rest. */
    private const LYING = 2.0;

    /**
     * @param float $minutes S, on its feet before a rest, over 0
     * @param float $restMinutes of one rest, 0 or more
     * @param float $inOneVisit minutes on its feet in one visit altogether, over 0
     */
    public function __construct(public float $minutes, public float $restMinutes, public float $inOneVisit = INF) {}

    public static function of(Dog $dog, StandingRules $rules): self
    {
        $age = $dog->ageGroup();
        $facts = fn(array $byHealth): array => array_map(fn(HealthFact $fact): float => $byHealth[$fact->value] ?? INF, $dog->health);
        $shortest = min([$rules->byAge[$age->value], ...$facts($rules->byHealth), $dog->firstGroom ? $rules->firstGroomMinutes : INF]);

        return new self(
            ($dog->standsMinutes ?? $shortest) * ($dog->liesDown ? self::LYING : 1.0),
            $rules->restMinutes,
            min([$rules->inOneVisit[$age->value], ...$facts($rules->inOneVisitByHealth)]),
        );
    }

    /**
     * @param float $workMinutes 0 or more
     * @param float $stoodMinutes on its feet since its last rest, 0 or more
     */
    public function rests(float $workMinutes, float $stoodMinutes = 0.0): int
    {
        return max(0, (int) ceil((min($stoodMinutes, $this->minutes) + $workMinutes) / $this->minutes - self::NOTHING_MINUTES) - 1);
    }

    /**
     * Minutes of work that a slot holds: W = max over the number of rests k of min(T − k × rest, S₁ + S × k), where S₁ is what is
     * left of S: all of it for a dog that has not stood yet.
     *
     * @param float $slotMinutes T, 0 or more
     * @param float $stoodMinutes on its feet since its last rest, 0 or more
     */
    public function workingMinutes(float $slotMinutes, float $stoodMinutes = 0.0): float
    {
        $first = max(0.0, $this->minutes - $stoodMinutes);
        $most = max(0.0, min($slotMinutes, $first));
        // One rest more gives work only while there is time behind it.
        for ($rests = 1; $slotMinutes - $this->restMinutes * $rests > $first + $this->minutes * ($rests - 1); $rests++) {
            $most = max($most, min($slotMinutes - $this->restMinutes * $rests, $first + $this->minutes * $rests));
        }

        return $most;
    }
}

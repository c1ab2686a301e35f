<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\House\Kit;

/**
 * Blades tried on a section's worst spot, from the longest planned downwards.
 *
 * The longest that passed is the lift. A blade that passes only partly did not pass. When the shortest that is planned
 * stops, nobody goes on: a vet.
 */
final readonly class BladeTest
{
    /** @param list<BladeTry> $tries in the order of the hand */
    public function __construct(private array $tries, private Kit $kit, private float $shortestMm) {}

    /** The longest blade that passed, in mm. */
    public function liftMm(): ?float
    {
        $passed = array_map(
            fn(BladeTry $try): float => $try->mm,
            array_filter($this->tries, fn(BladeTry $try): bool => $try->result === BladeResult::Passes),
        );

        return $passed === [] ? null : max($passed);
    }

    /** Nothing passes under the mat: do not go on. */
    public function needsAVet(): bool
    {
        foreach ($this->tries as $try) {
            if ($try->mm <= $this->shortestMm && $try->result !== BladeResult::Passes) {
                return $this->liftMm() === null;
            }
        }

        return false;
    }

    /**
     * The blade to try next, in mm; null when there is none.
     *
     * @param float $longestMm the longest blade that is planned here
     */
    public function next(float $longestMm): ?float
    {
        $failed = array_map(
            fn(BladeTry $try): float => $try->mm,
            array_filter($this->tries, fn(BladeTry $try): bool => $try->result !== BladeResult::Passes),
        );
        $shorterThan = $failed === [] ? INF : min($failed);
        $longerThan = $this->liftMm() ?? 0.0;
        $blades = array_filter(
            $this->kit->bladesMm,
            fn(float|int $mm): bool => $mm >= $this->shortestMm && $mm <= $longestMm && $mm < $shorterThan && $mm > $longerThan,
        );

        return $blades === [] ? null : (float) max($blades);
    }
}

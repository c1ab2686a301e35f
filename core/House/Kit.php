<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** The cutters of the salon, by the length they leave in mm. Guard combs need a mat-free coat. */
final readonly class Kit
{
    /**
     * @param list<float> $bladesMm
     * @param list<float> $guardsMm
     * @param float $closeShare part of the hair at a mat that one close of the thinning shear takes, 0–1
     */
    public function __construct(
        public array $bladesMm = [1.5, 3.2, 6.3, 9.5, 13.0],
        public array $guardsMm = [16.0, 19.0, 22.0, 25.0, 32.0],
        public float $closeShare = 0.15,
    ) {}

    /**
     * The shortest blade that is planned.
     *
     * @param float $leastMm shorter ones can cut skin
     */
    public function shortestBladeMm(float $leastMm): ?float
    {
        $blades = array_filter($this->bladesMm, fn(float|int $mm): bool => $mm >= $leastMm);

        return $blades === [] ? null : (float) min($blades);
    }

    /** @return list<Cutter> shortest first; of a blade and a guard of one length the blade, which also cuts matted coat */
    public function cutters(): array
    {
        $cutters = [];
        foreach ($this->guardsMm as $mm) {
            $cutters[(string) $mm] = new Cutter($mm, true);
        }
        foreach ($this->bladesMm as $mm) {
            $cutters[(string) $mm] = new Cutter($mm, false);
        }
        usort($cutters, fn(Cutter $one, Cutter $other): int => $one->mm <=> $other->mm);

        return $cutters;
    }
}

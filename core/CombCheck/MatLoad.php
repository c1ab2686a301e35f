<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;

/**
 * How matted the whole dog is, 0–100.
 *
 * 100 × Σ share × w(grade) × (grade ≥ 2 ? 0.4 + 0.6 × matted share : 1). Unchecked sections count as 0; `unchecked`
 * says how many there are.
 */
final readonly class MatLoad
{
    private const WEIGHTS = [0 => 0.0, 1 => 0.05, 2 => 0.25, 3 => 0.5, 4 => 0.8, 5 => 1.0];

    private function __construct(public float $index, public int $unchecked) {}

    /**
     * @param BySection<Grade> $grades
     * @param BySection<float> $mattedShares 0–1; needed from grade 2 on
     */
    public static function of(BySection $grades, BySection $mattedShares): self
    {
        $sum = 0.0;
        foreach ($grades as $section => $grade) {
            $weight = self::WEIGHTS[$grade->value];
            if ($grade->isMatted()) {
                $weight *= 0.4 + 0.6 * $mattedShares->at($section);
            }
            $sum += $section->share() * $weight;
        }

        return new self(100 * $sum, count(Section::cases()) - count($grades));
    }
}

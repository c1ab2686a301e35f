<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;

/** What a plan comes to for the client: what is done, what it costs, how much it may, and what may be cut without asking. */
final readonly class Terms
{
    /**
     * @param int|null $priceCents null: shown by a version that did not keep it
     * @param float|null $matMinutes minutes of opening and thinning mats that the price counts
     * @param int|null $feeLimitCents the most the client wants to pay; null: no limit
     */
    public function __construct(
        public Choices $choices,
        public ?int $priceCents,
        public ?float $matMinutes,
        public float $weightKg,
        public ?int $feeLimitCents,
        public ClipConsent $permission,
    ) {}

    /** Of a dog of another weight: minutes of opening mats grow with its surface, kg^(2/3). */
    public function matMinutesAt(float $weightKg): float
    {
        return ($this->matMinutes ?? 0.0) * ($weightKg / $this->weightKg) ** (2 / 3);
    }
}

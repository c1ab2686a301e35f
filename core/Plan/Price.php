<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\House\Extra;
use HoundCheck\Core\House\PriceList;
use HoundCheck\Core\House\Service;

/** What a plan costs, in whole cents, and how it comes to that. */
final readonly class Price
{
    private const QUARTER_MINUTES = 15;

    /** A minute's rounding is no started quarter. */
    private const NOTHING_MINUTES = 1e-6;

    /** @param array<string, int> $extraCents by extra */
    private function __construct(
        public int $baseCents,
        public int $startedQuarters,
        public int $matCents,
        public array $extraCents,
        public int $totalCents,
    ) {}

    /**
     * Base by service and weight class, each started quarter of an hour of opening mats beyond the included minutes, and extras.
     *
     * @param float $matMinutes minutes of opening or thinning mats in the plan
     * @param list<Extra> $extras
     */
    public static function of(
        PriceList $list,
        float $weightKg,
        float $matMinutes,
        array $extras,
        Service $service = Service::FullGroom,
    ): self {
        $base = $list->baseFor($weightKg, $service);
        $beyond = max(0.0, $matMinutes - $list->includedMatMinutes);
        $quarters = (int) ceil(($beyond - self::NOTHING_MINUTES) / self::QUARTER_MINUTES);
        $extraCents = [];
        foreach ($extras as $extra) {
            $extraCents[$extra->value] = $list->extraCents[$extra->value];
        }

        return new self(
            $base,
            $quarters,
            $quarters * $list->quarterHourCents,
            $extraCents,
            $base + $quarters * $list->quarterHourCents + array_sum($extraCents),
        );
    }
}

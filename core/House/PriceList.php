<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** The salon's prices, in whole cents of its currency. */
final readonly class PriceList
{
    /**
     * @param array<string, int> $baseCents of a full groom, by weight class: up to 5, 10, 20, 35 kg, and over
     * @param array<string, int> $bathAndBrushCents the same of a bath and brush between grooms
     * @param array<string, int> $nailsAndTidyCents the same of nails and tidy
     * @param float $includedMatMinutes minutes of opening mats that the base price includes
     * @param int $quarterHourCents for each started quarter of an hour of opening mats beyond
     * @param array<string, int> $extraCents by extra
     */
    public function __construct(
        public array $baseCents = ['to_5' => 4800, 'to_10' => 5400, 'to_20' => 6600, 'to_35' => 7800, 'over_35' => 9600],
        public float $includedMatMinutes = 10.0,
        public int $quarterHourCents = 1200,
        public array $bathAndBrushCents = ['to_5' => 3200, 'to_10' => 3600, 'to_20' => 4400, 'to_35' => 5200, 'over_35' => 6400],
        public array $nailsAndTidyCents = ['to_5' => 1800, 'to_10' => 2000, 'to_20' => 2200, 'to_35' => 2500, 'over_35' => 2900],
        public array $extraCents = ['nails' => 800, 'ear_care' => 600, 'medicated_bath' => 1500, 'collection' => 1000],
    ) {}

    public function baseFor(float $weightKg, Service $service = Service::FullGroom): int
    {
        $bases = match ($service) {
            Service::FullGroom => $this->baseCents,
            Service::BathAndBrush => $this->bathAndBrushCents,
            Service::NailsAndTidy => $this->nailsAndTidyCents,
        };

        return $bases[self::weightClass($weightKg)];
    }

    /** Of which the prices differ: up to 5, 10, 20, 35 kg, and over. */
    public static function weightClass(float $weightKg): string
    {
        return match (true) {
            $weightKg <= 5 => 'to_5',
            $weightKg <= 10 => 'to_10',
            $weightKg <= 20 => 'to_20',
            $weightKg <= 35 => 'to_35',
            default => 'over_35',
        };
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Marks\Words\FeetWay;

/**
 * Minutes on its feet in one visit altogether: inspection, table, bath, dryer, second check and finish. What it lies does not count;
 * of a dog whose card says that it lies, half of table and dryer.
 *
 * A trade's rule of thumb; forecasts are the house's, uncorrected by clocks. It limits no plan: over it a groomer says why.
 */
final readonly class FeetInVisit
{
    private const LYING = 0.5;

    private const NOTHING_MINUTES = 1e-9;

    /**
     * @param float $minutes behind and ahead
     * @param float $limitMinutes the house asks no more
     * @param FeetWay|null $way that was chosen and counts in the minutes
     * @param string|null $reason why it goes over
     * @param array<string, float> $byWay the minutes with each way that asks less, `smaller_service` among them
     */
    private function __construct(
        public float $minutes,
        public float $limitMinutes,
        public ?FeetWay $way,
        public ?string $reason,
        public array $byWay,
    ) {}

    public static function of(VisitReport $visit): self
    {
        $state = $visit->state;
        $planned = $state->planned->feet?->what;
        $ahead = self::ahead($visit);
        $behind = ($state->combed->seconds() + $state->hands->feet->wholeSeconds) / 60;
        $with = fn(?FeetWay $way, array $ahead): float => $behind + array_sum(array_diff_key($ahead, array_flip(self::spares($way))));
        $byWay = [];
        foreach (FeetWay::cases() as $way) {
            $byWay[$way->value] = $with($way, $ahead);
        }
        $smaller = self::smaller($state->arrival->service());
        if ($smaller !== null && $ahead['finish'] > 0) {
            $dry = $smaller === Service::NailsAndTidy ? ['bath' => 0.0, 'dry' => 0.0, 'check' => 0.0] : [];
            $byWay['smaller_service'] = $with($planned?->way, [...$ahead, ...$dry, 'finish' => (new OtherWork($visit))->finishOf($smaller)]);
        }
        $minutes = $with($planned?->way, $ahead);

        return new self(
            $minutes,
            $visit->fromHere->standing()->inOneVisit,
            $planned?->way,
            $planned?->reason,
            array_filter($byWay, fn(float $less): bool => $less < $minutes - 1),
        );
    }

    public function fits(): bool
    {
        return $this->isUnder($this->minutes);
    }

    /** Over it, and nobody has said why. */
    public function asksWhy(): bool
    {
        return ! $this->fits() && $this->reason === null;
    }

    public function isUnder(float $minutes): bool
    {
        return $minutes <= $this->limitMinutes + self::NOTHING_MINUTES;
    }

    /** @return array<string, float> minutes on its feet that each step still asks */
    private static function ahead(VisitReport $visit): array
    {
        $state = $visit->state;
        $other = new OtherWork($visit);
        $lies = $state->dog()->liesDown ? self::LYING : 1.0;
        $areas = count(DryArea::cases());
        $isDry = $state->later() !== [] || $state->arrival->service() === Service::NailsAndTidy;
        $isWet = $state->bath->isWet();

        return [
            'table' => $isWet ? 0.0 : ($visit->minutesLeft() + $other->stripping()) * $lies,
            'bath' => $isDry || $state->bath->isBathed() ? 0.0 : $visit->fromHere->effort->bathMinutes() + $state->bath->contactMinutes(),
            'dry' => $isDry ? 0.0 : $visit->dryMinutes() * $lies * ($areas - count($state->bath->dried)) / $areas,
            'check' => $isDry ? 0.0 : $other->secondCheck() * count($state->bath->toCombAgain($visit->held)) / count(Section::cases()),
            'finish' => $state->bath->signedOff === null ? $other->finish() : 0.0,
        ];
    }

    /** @return list<string> the steps that a way spares its feet */
    private static function spares(?FeetWay $way): array
    {
        return $way === FeetWay::DryerLying ? ['dry'] : $way?->leavesOut() ?? [];
    }

    private static function smaller(Service $service): ?Service
    {
        return match ($service) {
            Service::FullGroom => Service::BathAndBrush,
            Service::BathAndBrush => Service::NailsAndTidy,
            Service::NailsAndTidy => null,
        };
    }
}

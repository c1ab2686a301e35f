<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Appointment;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
use App\Visits\BeforeTheComb;
use App\Visits\ClockBook;
use App\Visits\OpenVisit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\StepsLeft;
use HoundCheck\Core\Day\TableGuess;
use HoundCheck\Core\House\HouseRules;
use Illuminate\Support\Collection;

/** A day of the salon as it stands: dogs that are here with what is left of them, and dogs that are booked. */
final readonly class DayPlanner
{
    /** Minutes for which somebody who works outside their hours is reckoned with. */
    private const OVERTIME = 120.0;

    public function __construct(private AppointmentBook $book, private ClockBook $clocks) {}

    /**
     * @param string $date Y-m-d; today's day is what is left of it
     * @param Collection<int, Appointment> $appointments of the day
     */
    public function day(string $date, Roster $roster, Collection $appointments): PlannedDay
    {
        $now = CarbonImmutable::now(config('salon.timezone'));
        $rules = HouseRulesVersion::current();
        $midnight = Roster::midnight($date)->getTimestamp();
        $booked = $this->booked($appointments, $midnight, $rules);
        if ($date !== $now->toDateString()) {
            $onDuty = $roster->on($date);
            $start = $onDuty === [] ? 0.0 : min(array_map(fn(OnDuty $one): float => $one->from, $onDuty));

            return $this->planned($start, $onDuty, $booked, $rules->toCore());
        }
        // Within a minute nothing is known better: what was worked out for one tablet serves all of them.
        $start = floor(($now->getTimestamp() - $midnight) / 60);
        $here = $this->here($date, $midnight, $start, $rules->toCore());
        $onDuty = self::withThoseAtWork($roster->on($date), $here, $start);
        $here = array_map(fn(PlannedDog $dog): PlannedDog => self::isThere($dog->groomer, $onDuty) ? $dog : $dog->of(null), $here);

        return $this->planned($start, $onDuty, [...$here, ...$booked], $rules->toCore());
    }

    /** @return list<PlannedDog> dogs that are here, with what is left of them */
    private function here(string $date, int $midnight, float $start, HouseRules $house): array
    {
        $clocks = $this->clocks->all();
        $now = (int) ($midnight + 60 * $start);
        $dogs = [];
        foreach (DayVisits::on($date, true) as $visit) {
            $facts = DayVisits::facts($visit)->on($date);
            $left = StepsLeft::of(
                $facts,
                $now,
                $house->effort,
                $house->day,
                $clocks($visit->groomer_id, $visit->coat),
                $facts->isGuess() && ! $facts->begun ? self::tableGuess((string) $visit->id) : null,
            );
            if ($left->steps !== []) {
                $dogs[] = new PlannedDog(
                    $visit->id,
                    $start,
                    $visit->promised_at === null ? null : (self::utc($visit->promised_at) - $midnight) / 60,
                    $visit->groomer_id,
                    $left->steps,
                    $left->inHand && $visit->groomer_id !== null,
                    $facts->isNext,
                );
            }
        }

        return $dogs;
    }

    /**
     * @param list<OnDuty> $groomers
     * @param list<PlannedDog> $dogs
     */
    private function planned(float $start, array $groomers, array $dogs, HouseRules $house): PlannedDay
    {
        return new PlannedDay($start, $house->day->tables, $house->day->tubs, $house->day->dryers, $groomers, $dogs);
    }

    /**
     * @param Collection<int, Appointment> $appointments
     *
     * @return list<PlannedDog>
     */
    private function booked(Collection $appointments, int $midnight, HouseRulesVersion $rules): array
    {
        $dogs = [];
        foreach ($appointments as $appointment) {
            if ($appointment->state === AppointmentState::Booked && $appointment->starts_at !== null) {
                $dogs[] = new PlannedDog(
                    $appointment->id,
                    ($appointment->starts_at->getTimestamp() - $midnight) / 60,
                    $appointment->promised_at === null ? null : ($appointment->promised_at->getTimestamp() - $midnight) / 60,
                    $appointment->groomer_id,
                    $this->book->stepsOf($appointment, $rules),
                );
            }
        }

        return $dogs;
    }

    /**
     * Whoever has a dog in hand is at work, whatever the hours say.
     *
     * @param list<OnDuty> $onDuty
     * @param list<PlannedDog> $dogs
     *
     * @return list<OnDuty>
     */
    private static function withThoseAtWork(array $onDuty, array $dogs, float $start): array
    {
        foreach ($dogs as $dog) {
            if ($dog->inHand && $dog->groomer !== null && ! self::isThere($dog->groomer, $onDuty)) {
                $onDuty[] = new OnDuty($dog->groomer, $start, $start + self::OVERTIME);
            }
        }

        return $onDuty;
    }

    /**
     * A dog that is here does not wait for somebody who is not: whoever is free takes it.
     *
     * @param list<OnDuty> $onDuty
     */
    private static function isThere(?string $groomer, array $onDuty): bool
    {
        return $groomer === null || in_array($groomer, array_map(fn(OnDuty $one): string => $one->id, $onDuty), true);
    }

    private static function tableGuess(string $visitId): ?float
    {
        $open = OpenVisit::load(Visit::query()->findOrFail($visitId));

        return TableGuess::of($open->report, BeforeTheComb::expected($open, $open->rules->day->newDogDays()));
    }

    private static function utc(string $time): int
    {
        return (new \DateTimeImmutable($time, new \DateTimeZone('UTC')))->getTimestamp();
    }
}

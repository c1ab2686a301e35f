<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Schedule\AppointmentBook;
use App\Schedule\AppointmentDesk;
use App\Schedule\DayPlanner;
use App\Schedule\Roster;
use App\Schedule\SentAct;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\Acts\Confirmed;
use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\Slot;
use HoundCheck\Core\House\Service;
use Illuminate\Support\Facades\DB;

/** The demo salon's hours, and two weeks of appointments ahead: booked so that promises hold. */
final class DemoBookings
{
    /** Dogs a day, in turn: some days are full, some have room. */
    private const DOGS_A_DAY = [5, 4, 3, 2, 3, 1, 0, 3, 2, 2, 1, 1, 0, 1];

    private const RUNS = 200;

    /** A little surer than the house asks, as a promise that is given changes whose turn it is. */
    private const SAFE = 0.97;

    private const HALF_HOUR = 30.0;

    private const QUARTER = 15.0;

    private const NOTES = ['', 'shorter round the eyes', '', 'comes with her sister', '', 'rings from the car park', ''];

    /** Minutes that are left of the demo's day when it is filled: it is a long one. */
    private const LEFT_OF_TODAY = 580;

    private int $booked = 0;

    /** @param array<string, Staff> $staff by name */
    public function __construct(
        private readonly AppointmentDesk $desk,
        private readonly AppointmentBook $book,
        private readonly DayPlanner $planner,
        private readonly DemoIds $ids,
        private readonly array $staff,
        private readonly string $device,
        private readonly CarbonImmutable $now,
    ) {}

    /**
     * @param Dog $expected comes later today
     * @param list<Dog> $dogs that are not here today
     */
    public function fill(Dog $expected, array $dogs): void
    {
        $this->setHours();
        $later = $this->now->addMinutes(150)->ceilMinutes(30);
        $slot = new Slot($later->toDateTimeImmutable(), $later->addMinutes(180)->toDateTimeImmutable(), null);
        $this->keep($expected, $slot, 'a cool hour, please', Service::NailsAndTidy);
        $rules = HouseRulesVersion::current();
        for ($ahead = 1; $ahead <= count(self::DOGS_A_DAY); $ahead++) {
            $day = $this->now->setTimezone(config('salon.timezone'))->startOfDay()->addDays($ahead)->startOfDay();
            $this->bookDay($day, array_splice($dogs, 0, self::DOGS_A_DAY[$ahead - 1]), $rules);
        }
        foreach (array_slice($dogs, 0, 3) as $dog) {
            $this->keep($dog, new Slot(null, null, null), 'as soon as something is free');
        }
    }

    /** Rosalind comes late on Mondays; Teo has his school on Fridays and goes early; somebody is there on Sundays too. */
    private function setHours(): void
    {
        $hours = [
            'Imke' => [540, 1080, [1, 2, 3, 4, 5, 6]],
            'Rosalind' => [555, 1080, [1, 2, 3, 4, 5, 7]],
            'Teo' => [600, 960, [1, 2, 3, 4, 6, 7]],
        ];
        foreach ($hours as $name => [$from, $until, $weekdays]) {
            foreach ($weekdays as $weekday) {
                DB::table('working_hours')->insert([
                    'staff_id' => $this->staff[$name]->id,
                    'weekday' => $weekday,
                    'from_minute' => $from,
                    'until_minute' => $until,
                ]);
            }
        }
        // Whatever day it is, all three are here today, and long: the harbour feast is near.
        $there = $this->now->setTimezone(config('salon.timezone'));
        $today = $there->dayOfWeekIso;
        $late = min(1440, 15 * (int) ceil((60 * $there->hour + $there->minute + self::LEFT_OF_TODAY) / 15));
        foreach ($hours as $name => [$from]) {
            DB::table('working_hours')->upsert(
                [['staff_id' => $this->staff[$name]->id, 'weekday' => $today, 'from_minute' => $from, 'until_minute' => $late]],
                ['staff_id', 'weekday'],
                ['until_minute'],
            );
        }
    }

    /**
     * One after the other for each groomer, promised where nine in ten such days keep it; who would not be ready waits.
     *
     * @param list<Dog> $dogs
     */
    private function bookDay(CarbonImmutable $day, array $dogs, HouseRulesVersion $rules): void
    {
        $date = $day->toDateString();
        $roster = Roster::of($date, $date);
        $free = array_map(fn(OnDuty $one): float => self::HALF_HOUR * ceil($one->from / self::HALF_HOUR), $roster->on($date));
        $planned = $this->planner->day($date, $roster, collect());
        $services = $asked = [];
        foreach ($dogs as $number => $dog) {
            $hands = $free === [] ? null : (int) array_search(min($free), $free, true);
            $services[] = $number % 4 === 3 ? Service::BathAndBrush : Service::FullGroom;
            if ($hands === null) {
                continue;
            }
            $steps = $this->book->steps($dog, $day->addHours(12), $services[$number], null, $rules);
            $one = new PlannedDog((string) $number, $free[$hands], null, $planned->groomers[$hands]->id, $steps);
            $asked[] = $one->promisedAt($one->arrives + 1.3 * $one->minutesLeft());
            $free[$hands] += self::HALF_HOUR * ceil($one->minutesLeft() / self::HALF_HOUR);
        }
        $ready = DayForecast::of($planned->withDogs($asked), new Draws(self::RUNS, 1))->ready;
        $at = fn(float $minute): \DateTimeImmutable => $day->addSeconds((int) (60 * $minute))->utc()->toDateTimeImmutable();
        foreach ($dogs as $number => $dog) {
            $safe = isset($ready[$number]) ? $ready[$number]->at(self::SAFE) : null;
            $slot = $safe === null
                ? new Slot(null, null, null)
                : new Slot($at($asked[$number]->arrives), $at(self::QUARTER * ceil($safe / self::QUARTER)), $asked[$number]->groomer);
            $this->keep($dog, $slot, self::NOTES[$this->booked % count(self::NOTES)], $services[$number]);
        }
    }

    private function keep(Dog $dog, Slot $slot, string $note, Service $service = Service::FullGroom): void
    {
        $at = $this->now->subDays(3);
        $sent = fn($act): SentAct => new SentAct($this->ids->next($at), $act, $at, $this->device);
        $booked = new Booked($service, $slot, $note);
        $appointment = $this->desk->book($this->ids->next($at), $dog, $sent($booked), $booked, $this->staff['Imke']);
        if ($slot->startsAt !== null && $this->booked++ % 3 !== 0) {
            $this->desk->act($appointment, $sent(new Confirmed), 1, $this->staff['Imke']);
        }
    }
}

<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Appointments\AppointmentBook;
use App\Appointments\AppointmentDesk;
use App\Appointments\SentAct;
use App\Days\DayPlanner;
use App\Days\Roster;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\Acts\Confirmed;
use HoundCheck\Core\Day\Asking;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\Slot;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Service;
use Illuminate\Support\Facades\DB;

/** The demo salon's hours, and two weeks of appointments ahead: booked as the product offers them, so that promises hold. */
final class DemoBookings
{
    /** Dogs a day, in turn: some days are full, some have room. */
    private const DOGS_A_DAY = [5, 4, 3, 2, 3, 1, 0, 3, 2, 2, 1, 1, 0, 1];

    private const NOTES = ['', 'shorter round the eyes', '', 'comes with her sister', '', 'rings from the car park', ''];

    private const LATE = 1230;

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
        $later = $this->now->setTime($this->now->hour, 0)->addHours(3);
        $this->keep($expected, new Slot($later->toDateTimeImmutable(), $later->addMinutes(150)->toDateTimeImmutable(), null), 'a cool hour, please', Service::NailsAndTidy);
        $house = HouseRulesVersion::current()->toCore();
        for ($ahead = 1; $ahead <= count(self::DOGS_A_DAY); $ahead++) {
            $day = $this->now->setTimezone(config('salon.timezone'))->startOfDay()->addDays($ahead)->startOfDay();
            for ($number = self::DOGS_A_DAY[$ahead - 1]; $number > 0 && $dogs !== []; $number--) {
                $this->bookOn($day, array_shift($dogs), $number, $house);
            }
        }
        foreach (array_slice($dogs, 0, 3) as $dog) {
            $this->keep($dog, new Slot(null, null, null), 'as soon as something is free');
        }
    }

    /** Rosalind comes late on Mondays; Teo has his school on Fridays and goes early; somebody is there on Sundays too. */
    private function setHours(): void
    {
        $hours = ['Imke' => [540, 1080, [1, 2, 3, 4, 5, 6]], 'Rosalind' => [555, 1080, [1, 2, 3, 4, 5, 7]], 'Teo' => [600, 960, [1, 2, 3, 4, 6, 7]]];
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
        $today = $this->now->setTimezone(config('salon.timezone'))->dayOfWeekIso;
        foreach ($hours as $name => [$from]) {
            DB::table('working_hours')->upsert(
                [['staff_id' => $this->staff[$name]->id, 'weekday' => $today, 'from_minute' => $from, 'until_minute' => self::LATE]],
                ['staff_id', 'weekday'],
                ['until_minute'],
            );
        }
    }

    private function bookOn(CarbonImmutable $day, Dog $dog, int $number, HouseRules $house): void
    {
        $date = $day->toDateString();
        $service = $number % 4 === 3 ? Service::BathAndBrush : Service::FullGroom;
        $planned = $this->planner->day($date, Roster::of($date, $date), $this->book->between($day, $day->addDay()));
        $steps = $this->book->steps($dog, $day->addHours(12), $service, null, $house);
        $asking = new Asking($planned, $house->day, new Draws(30, 1), new Draws(100, 1));
        $offers = $asking->times(new PlannedDog('asked', 0.0, null, null, $steps));
        if ($offers === []) {
            $this->keep($dog, new Slot(null, null, null), '');

            return;
        }
        $offer = $offers[$number % count($offers)];
        $at = fn(float $minute): \DateTimeImmutable => $day->addSeconds((int) (60 * $minute))->utc()->toDateTimeImmutable();
        $this->keep($dog, new Slot($at($offer->startsAt), $at($offer->promise), $offer->groomer), self::NOTES[$this->booked % count(self::NOTES)], $service);
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

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Clients\Sender;
use App\Http\Answer;
use App\Http\Requests\DayRequest;
use App\Http\Resources\AppointmentJson;
use App\Http\Resources\DayForecastJson;
use App\Http\Resources\DaysJson;
use App\Models\Appointment;
use App\Models\HouseRulesVersion;
use App\Schedule\AppointmentBook;
use App\Schedule\DayPlanner;
use App\Schedule\KeptForecasts;
use App\Schedule\Roster;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\PlannedDay;

/** The days to come, each tried out as it is booked. */
final readonly class DaysController
{
    private const MOST_DAYS = 14;

    /** Alternatives are many: each is tried with fewer runs. */
    private const ROUGH_RUNS = 100;

    public function __construct(private DayPlanner $planner, private AppointmentBook $book, private Sender $sender) {}

    public function index(DayRequest $request): Answer
    {
        $request->validate(['days' => ['nullable', 'integer', 'between:1,'.self::MOST_DAYS]]);
        $first = $request->day();
        $last = $first->addDays($request->integer('days', 7) - 1);
        $roster = Roster::of($first->toDateString(), $last->toDateString());
        $booked = $this->book->between(Roster::midnight($first->toDateString()), Roster::midnight($last->toDateString())->addDay());
        $rows = new AppointmentJson($this->book, HouseRulesVersion::current(), $this->sender);
        $zone = config('salon.timezone');
        $ofDay = $booked->groupBy(fn(Appointment $one): string => (string) $one->starts_at?->setTimezone($zone)->toDateString());
        $days = [];
        for ($day = $first; $day <= $last; $day = $day->addDay()) {
            $date = $day->toDateString();
            $appointments = $ofDay->get($date, collect());
            $planned = $this->planner->day($date, $roster, $appointments);
            $rowsOfDay = array_values($appointments->map($rows->row(...))->all());
            $days[] = DaysJson::day($date, $roster, $planned, $rowsOfDay, self::tried($date, $planned));
        }

        return new Answer([
            'today' => $request->today()->toDateString(),
            'days' => $days,
            'asks' => array_values($this->book->asks()->map($rows->row(...))->all()),
            'waiting' => array_values($this->book->waiting()->map($rows->row(...))->all()),
        ]);
    }

    public function forecast(DayRequest $request): Answer
    {
        [$date, $planned] = $this->planned($request);

        return new Answer(['date' => $date, ...self::tried($date, $planned)]);
    }

    public function advice(DayRequest $request): Answer
    {
        [$date, $planned] = $this->planned($request);
        $rules = HouseRulesVersion::current()->toCore()->day;

        return new Answer(['date' => $date, ...KeptForecasts::of(
            'advice',
            $date,
            $planned,
            fn(Draws $draws): array => (new DayForecastJson(Roster::midnight($date)))
                ->withAdvice($planned, $draws->first(self::ROUGH_RUNS), $draws, $rules),
        )]);
    }

    /** @return array{string, PlannedDay} */
    private function planned(DayRequest $request): array
    {
        $date = $request->day()->toDateString();
        $midnight = Roster::midnight($date);

        return [$date, $this->planner->day($date, Roster::of($date, $date), $this->book->between($midnight, $midnight->addDay()))];
    }

    /** @return array<string, mixed> */
    private static function tried(string $date, PlannedDay $planned): array
    {
        $rules = HouseRulesVersion::current()->toCore()->day;

        return KeptForecasts::of(
            'forecast',
            $date,
            $planned,
            fn(Draws $draws): array => (new DayForecastJson(Roster::midnight($date)))->of($planned, $draws, $rules),
        );
    }
}

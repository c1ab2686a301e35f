<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Clients\Sender;
use App\Http\Answer;
use App\Http\Requests\AskedDog;
use App\Http\Requests\HandTime;
use App\Http\Resources\AskedTimesJson;
use App\Models\Appointment;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Schedule\AppointmentBook;
use App\Schedule\AppointmentWord;
use App\Schedule\DayPlanner;
use App\Schedule\DogNames;
use App\Schedule\KeptForecasts;
use App\Schedule\Roster;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Asking;
use HoundCheck\Core\Day\ComingVisit;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\House\Service;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Times for a dog that asks for one: each was tried with the other dogs of its day. */
final readonly class AskedTimesController
{
    /** Many times are looked through with few runs; what is offered is tried again with all of them. */
    private const ROUGH_RUNS = 80;

    private const ROOM_RUNS = 100;

    /** The asked dog's id in a tried day: no appointment has it. */
    private const ASKED = 'asked';

    public function __construct(private DayPlanner $planner, private AppointmentBook $book, private Sender $sender) {}

    /** The times of one day. */
    public function times(AskedDog $request, string $date): Answer
    {
        $day = self::date($date);
        $planned = $this->without($day, $request->moving());
        $dog = $this->asked($request, $day->addHours(12), null, null);
        $rules = HouseRulesVersion::current()->toCore()->day;

        return new Answer(['date' => $date, ...KeptForecasts::of(
            'times',
            $date,
            $planned->withDogs([...$planned->dogs, $dog]),
            fn(Draws $draws): array => (new AskedTimesJson($day))->times(
                (new Asking($planned, $rules, new Draws(self::ROUGH_RUNS, 1), $draws))->times($dog),
                $dog,
                self::ASKED,
                self::names($planned),
            ),
        )]);
    }

    /** Where the day has room for a dog that asks, or for a usual one. */
    public function rooms(Request $request, string $date): Answer
    {
        $day = self::date($date);
        $asked = $request->validate([
            'dogId' => ['nullable', 'string', 'ulid', 'exists:dogs,id'],
            'service' => ['nullable', Rule::enum(Service::class)],
        ]);
        $rules = HouseRulesVersion::current();
        $house = $rules->toCore();
        $planned = $this->without($day, null);
        $service = Service::from($asked['service'] ?? Service::FullGroom->value);
        $steps = isset($asked['dogId'])
            ? $this->book->steps(Dog::query()->findOrFail(strtoupper($asked['dogId'])), $day->addHours(12), $service, null, $rules)
            : ComingVisit::usual($service, $house)->steps();
        $dog = new PlannedDog(self::ASKED, 0.0, null, null, $steps);

        return new Answer(['date' => $date, ...KeptForecasts::of(
            'rooms',
            $date,
            $planned->withDogs([...$planned->dogs, $dog]),
            fn(Draws $draws): array => (new AskedTimesJson($day))->rooms(
                (new Asking($planned, $house->day, $draws->first(self::ROOM_RUNS), $draws))->rooms($dog),
            ),
        )]);
    }

    /** One time, with what it makes of the day's promises. */
    public function try(AskedDog $request, string $date): Answer
    {
        $request->validate(['startsAt' => ['required']]);
        $day = self::date($date);
        $minute = fn(?CarbonImmutable $at): ?float => $at === null ? null : ($at->getTimestamp() - $day->getTimestamp()) / 60;
        $planned = $this->without($day, $request->moving());
        $starts = $request->time('startsAt');
        $dog = $this->asked($request, $starts ?? $day, $minute($starts), $minute($request->time('promisedAt')));
        $rules = HouseRulesVersion::current()->toCore()->day;
        $names = self::names($planned);
        $tried = KeptForecasts::of(
            'try',
            $date,
            $planned->withDogs([...$planned->dogs, $dog]),
            fn(Draws $draws): array => (new AskedTimesJson($day))->tried(
                $planned,
                $dog,
                new Asking($planned, $rules, $draws, $draws),
                $draws,
                $rules,
                $names,
            ),
        );
        // A safe promise is proposed for a new time only; what stands is not given one unasked.
        $moving = $request->moving() !== null;
        $promised = $request->time('promisedAt') ?? ($moving ? null : HandTime::read($tried['promisedAt']));

        return new Answer([
            'date' => $date,
            ...$tried,
            'reach' => $this->sender->address($request->dog()->client->phone, $request->dog()->client->email),
            'message' => AppointmentWord::preview($request->dog(), $starts ?? $day, $promised, $moving),
        ]);
    }

    private function without(CarbonImmutable $day, ?string $moving): PlannedDay
    {
        $date = $day->toDateString();
        $appointments = $this->book->between($day, $day->addDay())->reject(fn(Appointment $one): bool => $one->id === $moving);

        return $this->planner->day($date, Roster::of($date, $date), $appointments);
    }

    private function asked(AskedDog $request, CarbonImmutable $at, ?float $arrives, ?float $promised): PlannedDog
    {
        $steps = $this->book->steps($request->dog(), $at, $request->service(), $request->groomer(), HouseRulesVersion::current());

        return new PlannedDog(self::ASKED, $arrives ?? 0.0, $promised, $request->groomer(), $steps);
    }

    /** @return array<string, string> */
    private static function names(PlannedDay $day): array
    {
        return DogNames::of(array_map(fn(PlannedDog $dog): string => $dog->id, $day->dogs));
    }

    private static function date(string $date): CarbonImmutable
    {
        [$year, $month, $day] = array_map(intval(...), preg_match('/^20\d\d-\d\d-\d\d$/', $date) === 1 ? explode('-', $date) : [0, 0, 0]);
        abort_unless(checkdate($month, $day, $year), 404);

        return Roster::midnight($date);
    }
}

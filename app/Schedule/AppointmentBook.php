<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Appointment;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\StoredAct;
use App\Visits\ClockBook;
use App\Visits\MemoryBook;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Acts\Cancelled;
use HoundCheck\Core\Day\AppointmentActs;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\Step;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\Service;
use Illuminate\Database\QueryException;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What is booked, and what each booking is expected to take. */
final class AppointmentBook
{
    /** What a client cancelled is told for so long. */
    private const CANCELLED_DAYS = 2;

    private const MOST_ASKS = 50;

    /** @var (\Closure(string|null, string): GroomerClocks)|null by groomer's id and coat: a list reads those of everybody once */
    private ?\Closure $clocksOf = null;

    public function __construct(private readonly MemoryBook $memory, private readonly ClockBook $clocks) {}

    /** @return Collection<int, Appointment> with dog and client, by time */
    public function between(CarbonImmutable $from, CarbonImmutable $until): Collection
    {
        $this->clocksOf = null;

        return Appointment::query()
            ->with(['dog', 'dog.client:'.Client::REACHED])
            ->where('starts_at', '>=', $from->utc())
            ->where('starts_at', '<', $until->utc())
            ->orderBy('starts_at')->orderBy('id')
            ->get();
    }

    /** @return Collection<int, Appointment> with dog and client, the longest waiting first */
    public function waiting(): Collection
    {
        $this->clocksOf = null;

        return Appointment::query()
            ->with(['dog', 'dog.client:'.Client::REACHED])
            ->where('state', AppointmentState::Waiting->value)
            ->orderBy('id')
            ->limit(100)
            ->get();
    }

    /** @return Collection<int, Appointment> whose clients ask for another time, or cancelled by their page a short while ago */
    public function asks(): Collection
    {
        $this->clocksOf = null;
        $now = CarbonImmutable::now();
        $cancelled = StoredAct::query()
            ->where('kind', AppointmentActs::kindOf(Cancelled::class))
            ->where('staff_id', null)
            ->where('received_at', '>', $now->subDays(self::CANCELLED_DAYS))
            ->select('appointment_id');

        return Appointment::query()
            ->with(['dog', 'dog.client:'.Client::REACHED])
            ->where(fn($open) => $open
                ->where(fn($asks) => $asks
                    ->where('asked', '!=', null)
                    ->where('state', AppointmentState::Booked->value)
                    ->where('starts_at', '>', $now))
                ->orWhere(fn($off) => $off->where('state', AppointmentState::Cancelled->value)->whereIn('id', $cancelled)))
            // Databases do not agree where nothing comes.
            ->orderBy(DB::raw('starts_at is null'))->orderBy('starts_at')->orderBy('id')
            ->limit(self::MOST_ASKS)
            ->get();
    }

    /** @return list<PlannedStep> kept with the appointment until something they follow from has changed */
    public function stepsOf(Appointment $appointment, HouseRulesVersion $rules): array
    {
        $at = $appointment->starts_at ?? CarbonImmutable::now();
        $this->clocksOf ??= $this->clocks->all();
        $clocks = ($this->clocksOf)($appointment->groomer_id, $appointment->dog->coat->value);
        $ahead = new VisitAhead($appointment->dog, $at, $appointment->service, $rules, $clocks);
        if ($appointment->steps === null || $appointment->steps_from !== $ahead->stamp()) {
            $steps = $ahead->steps($this->memory);
            $this->keep($appointment, $steps, $ahead->stamp());

            return $steps;
        }

        return array_map(
            fn(array $step): PlannedStep => new PlannedStep(Step::from($step[0]), (float) $step[1], (float) $step[2]),
            $appointment->steps,
        );
    }

    /**
     * On a disk that takes no more the days are shown all the same.
     *
     * @param list<PlannedStep> $steps
     */
    private function keep(Appointment $appointment, array $steps, string $from): void
    {
        try {
            $appointment->update([
                'steps' => array_map(fn(PlannedStep $step): array => [$step->step->value, $step->minutes, $step->spread], $steps),
                'steps_from' => $from,
            ]);
        } catch (QueryException $failure) {
            report($failure);
        }
    }

    /** @return list<PlannedStep> */
    public function steps(Dog $dog, CarbonImmutable $at, Service $service, ?string $groomerId, HouseRulesVersion $rules): array
    {
        return (new VisitAhead($dog, $at, $service, $rules, $this->clocks->of($groomerId, $dog->coat)))->steps($this->memory);
    }
}

<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\Salons;
use App\Models\Appointment;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** What the salons of this installation did in the last days, side by side: figures alone, no dog and nobody's name. */
final readonly class Comparison
{
    public function __construct(private Salons $salons) {}

    /**
     * @param int $days up to today
     *
     * @return list<array<string, mixed>> a row for each salon, in the order in which they were added
     */
    public function of(int $days): array
    {
        $rows = [];
        foreach ($this->salons->every() as $salon => $name) {
            $rows[] = ['id' => $salon, 'name' => $name, ...$this->salons->within($salon, fn(): array => self::figures($days))];
        }

        return $rows;
    }

    /** @return array<string, int|float|null> */
    private static function figures(int $days): array
    {
        $today = CarbonImmutable::now(config('salon.timezone'))->startOfDay();
        $from = $today->subDays($days - 1);
        /** @var \Closure(): Builder<Visit> $visits */
        $visits = fn(): Builder => Visit::query()->whereNotNull('closed_at')->where('day', '>=', $from->toDateString());
        $took = DB::table('work_times')->where('finished_at', '>=', $from->utc()->format('Y-m-d H:i:s.v'))
            ->selectRaw('sum(minutes) as worked, sum(forecast_minutes) as forecast')
            ->first();
        $due = fn(): Builder => Appointment::query()
            ->where('starts_at', '>=', $from->utc())
            ->where('starts_at', '<', $today->addDay()->utc());

        return [
            'visits' => $visits()->count(),
            'dogs' => $visits()->distinct()->count('dog_id'),
            'matted' => $visits()->where(fn(Builder $grades) => $grades
                ->where('grades', 'like', '%3%')
                ->orWhere('grades', 'like', '%4%')
                ->orWhere('grades', 'like', '%5%'))->count(),
            'workedMinutes' => round((float) $took?->worked, 1),
            'forecastMinutes' => round((float) $took?->forecast, 1),
            ...self::promises($visits()),
            'appointments' => $due()
                ->whereIn('state', [AppointmentState::Booked, AppointmentState::Arrived, AppointmentState::NoShow])
                ->count(),
            'noShows' => $due()->where('state', AppointmentState::NoShow)->count(),
        ];
    }

    /**
     * A promise is kept where the last work on the dog was done by then; when the client comes for it is the client's.
     *
     * @param Builder<Visit> $visits
     *
     * @return array{promises: int, promisesKept: int}
     */
    private static function promises(Builder $visits): array
    {
        $ready = DB::table('work_times')->groupBy('visit_id')->selectRaw('visit_id, max(finished_at) as ready_at')
            ->whereIn('visit_id', (clone $visits)->select('id'));
        $rows = $visits->toBase()->joinSub($ready, 'ready', 'ready.visit_id', '=', 'visits.id')
            ->whereNotNull('first_promised_at')
            ->get(['first_promised_at', 'ready_at']);
        $kept = $rows->filter(
            fn(\stdClass $row): bool => new \DateTimeImmutable($row->ready_at) <= new \DateTimeImmutable($row->first_promised_at),
        );

        return ['promises' => $rows->count(), 'promisesKept' => $kept->count()];
    }
}

<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Database\OneByOne;
use App\Models\Appointment;
use App\Models\Client;
use App\Models\Staff;
use App\Models\Visit;
use App\Schedule\AppointmentDesk;
use App\Schedule\SentAct;
use App\Visits\KeptFolds;
use App\Visits\MemoryBook;
use App\Visits\VisitMarks;
use App\Visits\VisitProjection;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Acts\Cancelled;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\Day\CancelledBy;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Marks\WrittenWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Forgets a client who asks for it. Name, telephone, mail, messages, photos, signatures and all that somebody wrote go;
 * what the trade must be able to show stays without the person: what was found on a dog, done to it, when and by whom of
 * the salon.
 *
 * The one place where something recorded is altered: the law asks for it, and the log says that it was done.
 */
final readonly class Eraser
{
    private const ROWS_AT_ONCE = 200;

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION;

    public function __construct(
        private PhotoEraser $photos,
        private VisitProjection $projection,
        private MemoryBook $memory,
        private AppointmentDesk $appointments,
        private KeptFolds $folds,
    ) {}

    /** @throws NotForgotten while a dog is here or booked */
    public function forget(Client $client, Staff $by): void
    {
        DB::transaction(function () use ($client, $by): void {
            OneByOne::everything();
            $of = new OfClient(Client::query()->findOrFail($client->id));
            $holds = $of->holds();
            if ($holds !== null) {
                throw NotForgotten::because($holds);
            }
            $this->photos->erase($of->photos(), Words::of('privacy.photo_reason'), $by);
            $this->eraseWords($of);
            $of->messages()->delete();
            $of->links()->delete();
            foreach (['owner_plans', 'sheet_links'] as $pages) {
                $of->openPages($pages)->update(['withdrawn_at' => CarbonImmutable::now()]);
            }
            $client->update([
                'name' => Words::of('privacy.erased', ['number' => substr($client->id, -6)]),
                'phone' => null,
                'email' => null,
                'language' => null,
                'photos_allowed' => null,
                'erased_at' => CarbonImmutable::now(),
            ]);
            $of->dogs()->update(['mind' => null]);
            $this->tellAnew($of);
            DB::table('erasures')->insertOrIgnore(['client_id' => $client->id, 'staff_id' => $by->id, 'at' => CarbonImmutable::now()]);
        });
        event(new DataIsGone);
    }

    /**
     * After a backup of before was put back: who had been forgotten is forgotten once more.
     *
     * @param list<array{client_id: string, staff_id: string, at: string}> $erasures of the salon's former database
     *
     * @return int how many were forgotten again
     */
    public function again(array $erasures): int
    {
        $forgotten = 0;
        foreach ($erasures as $erasure) {
            $client = Client::query()->whereKey($erasure['client_id'])->whereNull('erased_at')->first();
            $by = Staff::here()->whereKey($erasure['staff_id'])->first()
                ?? Staff::here()->where('role', Role::Owner)->orderByDesc('active')->first();
            if ($client !== null && $by !== null) {
                $this->callOff($client, $by);
                $this->forget($client, $by);
                $forgotten++;
            }
        }

        return $forgotten;
    }

    /** What was booked in that backup is void: the person asked to be forgotten. */
    private function callOff(Client $client, Staff $by): void
    {
        foreach (Appointment::query()->whereIn('id', (new OfClient($client))->appointments()->select('id'))->get() as $appointment) {
            if (in_array($appointment->state, [AppointmentState::Booked, AppointmentState::Waiting], true)) {
                $off = new Cancelled(CancelledBy::Salon, WrittenWords::ERASED);
                $sent = new SentAct((string) Str::ulid(), $off, CarbonImmutable::now(), (string) Str::ulid());
                $this->appointments->act($appointment, $sent, $appointment->last_number, $by);
            }
        }
    }

    private function eraseWords(OfClient $of): void
    {
        $this->each($of->marks(), 'marks', 'payload');
        $acts = DB::table('appointment_acts')->whereIn('appointment_id', $of->appointments()->select('id'));
        $this->each($acts, 'appointment_acts', 'fields');
        $this->appointments->rebuild(array_values(array_map(strval(...), $of->appointments()->pluck('id')->all())));
    }

    private function each(Builder $rows, string $table, string $column): void
    {
        foreach ($rows->select(['id', $column])->lazyById(self::ROWS_AT_ONCE) as $row) {
            $said = json_decode($row->{$column}, true, flags: JSON_THROW_ON_ERROR);
            $kept = WrittenWords::erasedFrom($said);
            if ($kept !== $said) {
                DB::table($table)->where('id', $row->id)->update([$column => json_encode((object) $kept, self::FLAGS)]);
            }
        }
    }

    /** What lists read follows from the marks: it is written anew, and says no more than they do. */
    private function tellAnew(OfClient $of): void
    {
        DB::table('visit_answers')->whereIn('visit_id', $of->visits()->select('id'))->delete();
        foreach (Visit::query()->whereIn('id', $of->visits()->select('id'))->orderBy('arrived_at')->orderBy('id')->get() as $visit) {
            $this->folds->forget($visit->id);
            $this->projection->write(VisitMarks::load($visit));
        }
        foreach ($of->dogs()->pluck('id') as $dog) {
            $this->memory->renew((string) $dog);
        }
        $of->dogs()->increment('version');
    }
}

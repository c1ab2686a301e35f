<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Models\Client;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Everything in the database that tells of one client. */
final readonly class OfClient
{
    public function __construct(private Client $client) {}

    public function dogs(): Builder
    {
        return DB::table('dogs')->where('client_id', $this->client->id);
    }

    public function visits(): Builder
    {
        return DB::table('visits')->whereIn('dog_id', $this->dogs()->select('id'));
    }

    public function marks(): Builder
    {
        return DB::table('marks')->whereIn('visit_id', $this->visits()->select('id'));
    }

    /** Photos whose picture is there. */
    public function photos(): Builder
    {
        return DB::table('photos')->whereIn('visit_id', $this->visits()->select('id'))->whereNull('deleted_at');
    }

    public function appointments(): Builder
    {
        return DB::table('appointments')->whereIn('dog_id', $this->dogs()->select('id'));
    }

    public function links(): Builder
    {
        return DB::table('client_links')->whereIn('visit_id', $this->visits()->select('id'));
    }

    /** Pages by link that could still be opened. */
    public function openPages(string $table): Builder
    {
        return DB::table($table)->whereIn('visit_id', $this->visits()->select('id'))->whereNull('withdrawn_at');
    }

    public function messages(): Builder
    {
        return DB::table('messages')->where(fn(Builder $of) => $of
            ->whereIn('visit_id', $this->visits()->select('id'))
            ->orWhereIn('client_link_id', $this->links()->select('id'))
            ->orWhereIn('appointment_id', $this->appointments()->select('id')));
    }

    /** @return array<string, int> how many there are of each */
    public function counts(): array
    {
        return [
            'dogs' => $this->dogs()->count(),
            'visits' => $this->visits()->count(),
            'photos' => $this->photos()->count(),
            'messages' => $this->messages()->count(),
            'appointments' => $this->appointments()->count(),
        ];
    }

    /** @return array{string, string}|null why nobody can be forgotten now, and the dog's name */
    public function holds(): ?array
    {
        $here = $this->visits()->join('dogs', 'dogs.id', '=', 'visits.dog_id')->whereNull('visits.closed_at')->value('dogs.name');
        $booked = $this->appointments()
            ->join('dogs', 'dogs.id', '=', 'appointments.dog_id')
            ->whereIn('appointments.state', ['booked', 'waiting'])
            ->value('dogs.name');

        return match (true) {
            $here !== null => ['here', (string) $here],
            $booked !== null => ['booked', (string) $booked],
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Clients\MessageKind;
use App\Clients\Outbox;
use App\Clients\SalonTime;
use App\Clients\Sender;
use App\Http\Answer;
use App\Http\Resources\DayForecastJson;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
use App\Schedule\AppointmentBook;
use App\Schedule\DayPlanner;
use App\Schedule\KeptForecasts;
use App\Schedule\Roster;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Draws;

/** Times that a client whose dog is here could be promised, each with its chance and the words to say. */
final readonly class VisitPromiseController
{
    public function __construct(private DayPlanner $planner, private AppointmentBook $book, private Sender $sender) {}

    public function __invoke(Visit $visit): Answer
    {
        $visit->load('dog.client');
        $client = $visit->dog->client;
        $date = CarbonImmutable::now(config('salon.timezone'))->toDateString();
        $midnight = Roster::midnight($date);
        $planned = $this->planner->day($date, Roster::of($date, $date), $this->book->between($midnight, $midnight->addDay()));
        $rules = HouseRulesVersion::current()->toCore()->day;
        $times = KeptForecasts::of(
            "promises:{$visit->id}",
            $date,
            $planned,
            fn(Draws $draws): array => (new DayForecastJson($midnight))->promises($planned, $visit->id, $draws, $rules),
        );
        $message = fn(string $at): string => Outbox::say(MessageKind::NewTime, $client, [
            'dog' => $visit->dog->name,
            'promised' => SalonTime::clock(CarbonImmutable::parse($at), $client->speaks()),
        ]);

        return new Answer([
            ...$times,
            'times' => array_map(fn(array $one): array => [...$one, 'message' => $message($one['at'])], $times['times']),
            'ready' => Outbox::say(MessageKind::Ready, $client, ['dog' => $visit->dog->name]),
            'client' => $client->name,
            'phone' => $client->phone,
            'reach' => $this->sender->address($client->phone, $client->email),
        ]);
    }
}

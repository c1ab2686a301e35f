<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\DayForecastJson;
use App\Appointments\AppointmentBook;
use App\Days\DayPlanner;
use App\Days\KeptForecasts;
use App\Days\Roster;
use App\Http\Answer;
use App\Messages\MessageKind;
use App\Messages\Outbox;
use App\Messages\SalonTime;
use App\Messages\Sender;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
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

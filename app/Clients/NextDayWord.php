<?php

declare(strict_types=1);

namespace App\Clients;

use App\Visits\VisitMoved;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Visit\VisitState;

/** A word to the client on the day after, where what was done can show late: it waits in the outbox until then. */
final readonly class NextDayWord
{
    private const HOUR = 10;

    public function __construct(private Outbox $outbox) {}

    public function handle(VisitMoved $moved): void
    {
        $after = $moved->marks->state();
        if ($moved->before->leaving->closing?->id === $after->leaving->closing?->id) {
            return;
        }
        // Not sent yet: the dog did not go home after all, or goes home anew.
        $this->outbox->takeBack('visit_id', $moved->marks->visit->id, MessageKind::NextDay);
        $reasons = array_filter($after->bath->aftercare->what->items ?? [], fn(Aftercare $item): bool => $item->wantsAWordTheNextDay());
        if ($after->leaving->closing?->what instanceof HandedOver && $reasons !== []) {
            $this->write($moved, $after, $after->leaving->closing->at, array_values($reasons));
        }
    }

    /** @param list<Aftercare> $reasons */
    private function write(VisitMoved $moved, VisitState $after, \DateTimeImmutable $leftAt, array $reasons): void
    {
        $dog = $moved->marks->visit->dog;
        $words = ['dog' => $dog->name];
        $advice = array_map(
            fn(Aftercare $item): string => Words::of("clients.next_day.{$item->value}", $words, $dog->client->speaks()),
            $reasons,
        );
        $this->outbox->write(
            MessageKind::NextDay,
            $dog->client,
            [...$words, 'advice' => implode(' ', $advice)],
            ['visit_id' => $moved->marks->visit->id, 'to_phone' => $after->arrival->answers->phone],
            CarbonImmutable::instance($leftAt)->setTimezone(config('salon.timezone'))->addDay()->setTime(self::HOUR, 0)->utc(),
        );
    }
}

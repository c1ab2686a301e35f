<?php

declare(strict_types=1);

namespace App\Clients;

use App\Visits\VisitMoved;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Words\ToldVia;

/** A word to the client whose dog is here: another time to fetch it, and that it is ready. */
final readonly class PromiseWord
{
    public function __construct(private Outbox $outbox) {}

    public function handle(VisitMoved $moved): void
    {
        $before = $moved->before->hands->arranged;
        $after = $moved->marks->state()->hands->arranged;
        if ($before->promise?->id !== $after->promise?->id) {
            $takenBack = $before->promise !== null && $moved->marks->fold()->isWithdrawn($before->promise->id);
            // Who was written a time that holds no longer is written the one that does.
            $mark = $takenBack ? $before->promise : $after->promise;
            $promised = $after->promise->what->promisedAt ?? $moved->marks->visit->first_promised_at;
            if ($mark?->what->told === ToldVia::Message && $promised !== null) {
                $this->write(MessageKind::NewTime, $moved, $promised);
            }
        }
        $told = $after->readyTold;
        if ($told !== null && $told->id !== $before->readyTold?->id && $told->what->told === ToldVia::Message) {
            $this->write(MessageKind::Ready, $moved, null);
        }
    }

    private function write(MessageKind $kind, VisitMoved $moved, ?\DateTimeInterface $promised): void
    {
        $visit = $moved->marks->visit;
        $client = $visit->dog->client;
        $this->outbox->write(
            $kind,
            $client,
            [
                'dog' => $visit->dog->name,
                'promised' => $promised === null ? '' : SalonTime::clock(CarbonImmutable::instance($promised), $client->speaks()),
            ],
            ['visit_id' => $visit->id, 'to_phone' => $moved->marks->state()->arrival->answers->phone],
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;
use App\Visits\VisitMoved;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Words\AnswerVia;

/** Whoever said no on their phone is told when somebody says yes with us. */
final readonly class YesWord
{
    public function __construct(private Outbox $outbox) {}

    public function handle(VisitMoved $moved): void
    {
        $no = $moved->before->agreement->no;
        $yes = $moved->marks->state()->agreement->yes;
        if ($no?->what->via !== AnswerVia::Link || $yes === null || $yes->what->via === AnswerVia::Link) {
            return;
        }
        $visit = $moved->marks->visit;
        $client = $visit->dog->client;
        $this->outbox->write(
            MessageKind::YesNoted,
            $client,
            [
                'dog' => $visit->dog->name,
                'who' => $yes->what->who,
                'time' => SalonTime::clock(CarbonImmutable::instance($yes->at), $client->speaks()),
            ],
            [
                'visit_id' => $visit->id,
                // Where the link went, whatever number was entered since.
                'to_phone' => Message::query()->where('client_link_id', $no->device)->value('to_phone'),
            ],
        );
    }
}

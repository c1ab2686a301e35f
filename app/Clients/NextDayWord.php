<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;
use App\Models\Visit;
use App\Visits\ClosingChanged;
use App\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Table\Aftercare;
use HoundCheck\Core\Visit\Marks\HandedOver;

/** A word to the client on the day after, where what was done can show late: it waits in the outbox until then. */
final class NextDayWord
{
    private const HOUR = 10;

    public function handle(ClosingChanged $changed): void
    {
        $visit = $changed->visit;
        // Not sent yet: the dog did not go home after all, or goes home anew.
        Message::query()->where('visit_id', $visit->id)->where('due_at', '>', CarbonImmutable::now())->delete();
        $reasons = array_filter(
            $changed->after->bath->aftercare->what->items ?? [],
            fn(Aftercare $item): bool => $item->wantsAWordTheNextDay(),
        );
        if ($changed->after->closing?->what instanceof HandedOver && $reasons !== []) {
            $this->write($visit, $changed->after->answers->phone, $changed->after->closing->at, array_values($reasons));
        }
    }

    /** @param list<Aftercare> $reasons */
    private function write(Visit $visit, ?string $phone, \DateTimeImmutable $leftAt, array $reasons): void
    {
        $language = $visit->dog->client->speaks();
        $words = ['salon' => config('salon.name'), 'dog' => $visit->dog->name];
        $asks = array_map(fn(Aftercare $item): string => Words::of("clients.next_day.{$item->value}", $words, $language), $reasons);
        Message::query()->create([
            'visit_id' => $visit->id,
            'to_name' => $visit->dog->client->name,
            'to_phone' => $phone ?? $visit->dog->client->phone,
            'text' => implode(' ', [Words::of('clients.next_day.begins', $words, $language), ...$asks]),
            'created_at' => CarbonImmutable::now(),
            'due_at' => CarbonImmutable::instance($leftAt)->setTimezone(config('salon.timezone'))->addDay()->setTime(self::HOUR, 0)->utc(),
        ]);
    }
}

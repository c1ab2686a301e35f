<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Clients\ByHand;
use App\Models\Appointment;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Message;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What a client and the salon have had to do with each other: visits, what was agreed, messages. */
final class ClientHistory
{
    private const MOST = 30;

    /** @return array<string, mixed> without the client's own fields and the dogs' cards */
    public static function of(Client $client): array
    {
        $visits = Visit::query()
            ->whereIn('dog_id', Dog::query()->where('client_id', $client->id)->select('id'))
            ->with('dog:id,name')
            ->orderByDesc('arrived_at')->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return [
            'visits' => array_values($visits->map(fn(Visit $visit): array => [
                'id' => $visit->id,
                'dog' => $visit->dog->name,
                'at' => Iso::of($visit->arrived_at),
                'stage' => $visit->stage->value,
                'answer' => $visit->client_said === null
                    ? null
                    : ['at' => Iso::of(CarbonImmutable::parse($visit->client_said['at'])), ...array_diff_key($visit->client_said, ['at' => 1])],
            ])->all()),
            'messages' => self::messages($client, $visits->pluck('id')),
        ];
    }

    /**
     * Without their links: who holds a link is the client.
     *
     * @param Collection<int, string> $visits ids
     *
     * @return list<array<string, mixed>> the latest first
     */
    private static function messages(Client $client, Collection $visits): array
    {
        $appointments = Appointment::query()->whereIn('dog_id', Dog::query()->where('client_id', $client->id)->select('id'))->select('id');
        $messages = Message::query()
            ->leftJoin('client_links', 'client_links.id', '=', 'messages.client_link_id')
            ->where(fn($of) => $of
                ->whereIn('messages.visit_id', $visits)
                ->orWhereIn('client_links.visit_id', $visits)
                ->orWhereIn('messages.appointment_id', $appointments))
            ->orderByDesc('messages.created_at')->orderByDesc('messages.id')
            ->limit(self::MOST)
            ->get('messages.*');

        return array_values($messages->map(fn(Message $message): array => [
            'id' => $message->id,
            'text' => $message->text,
            'to' => $message->sent_by === 'mail' ? $message->to_email : $message->to_phone ?? $message->to_email,
            'at' => Iso::of($message->due_at ?? $message->created_at),
            'sentAt' => Iso::of($message->sent_at),
            'byHand' => $message->sent_by === ByHand::NAME,
            'problem' => $message->problem,
        ])->all());
    }
}

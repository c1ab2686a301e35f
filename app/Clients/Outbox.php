<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Client;
use App\Models\Message;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Where messages to clients are written, and taken from when they are due. */
final readonly class Outbox
{
    private const MOST_TRIES = 5;

    /** A try that never came back, as after a power cut, is over after so many minutes; so is one that failed. */
    private const AGAIN_AFTER_MINUTES = 10;

    private const AT_ONCE = 50;

    public function __construct(private Sender $sender) {}

    /**
     * @param array<string, string> $words of the text, beside the salon's and the client's
     * @param array<string, string|null> $about what it tells of and what goes with it: visit_id, appointment_id, client_link_id,
     *                                          url, to_phone, calendar
     * @param CarbonImmutable|null $due null: at once
     *
     * @return Message|null null: there is no telephone and no mail address, and nobody is written to
     */
    public function write(MessageKind $kind, Client $client, array $words, array $about, ?CarbonImmutable $due = null): ?Message
    {
        if (($about['to_phone'] ?? $client->phone ?? $client->email) === null) {
            return null;
        }
        $message = Message::query()->create([
            'kind' => $kind->value,
            'to_name' => $client->name,
            'to_phone' => $client->phone,
            'to_email' => $client->email,
            'text' => self::say($kind, $client, $words),
            'created_at' => CarbonImmutable::now(),
            'due_at' => $due,
            // Nobody sends: it is told at once that somebody has to.
            ...($due === null && ! $this->sender->reaches() ? ['problem' => NotSent::NO_SENDER, 'tries' => self::MOST_TRIES] : []),
            ...array_filter($about, fn(?string $one): bool => $one !== null),
        ]);
        if ($due === null) {
            // The client's phone never keeps a tablet waiting.
            DB::afterCommit(fn() => app()->terminating(fn() => $this->sendDue()));
        }

        return $message;
    }

    /** @param array<string, string> $words */
    public static function say(MessageKind $kind, Client $client, array $words): string
    {
        return Wording::say($kind, $client->speaks(), [
            'salon' => (string) config('salon.name'),
            'phone' => (string) config('salon.phone'),
            'client' => $client->name,
            ...$words,
        ]);
    }

    /** Takes back what waits for its time. */
    public function takeBack(string $column, string $id, ?MessageKind $kind = null): bool
    {
        return Message::query()
            ->where($column, $id)
            ->whereNotNull('due_at')
            ->whereNull('sent_at')
            // One that is just being sent is not taken back: what a client reads stays on record.
            ->where(fn($free) => $free->where('tries', 0)->orWhereNotNull('problem'))
            ->when($kind !== null, fn($waiting) => $waiting->where('kind', $kind?->value))
            ->delete() > 0;
    }

    /** Sends what is due: each once, or again after a try that failed. */
    public function sendDue(): int
    {
        $now = CarbonImmutable::now();
        $sent = 0;
        $due = Message::query()
            ->whereNull('sent_at')
            ->where('tries', '<', self::MOST_TRIES)
            ->where(fn($is) => $is->whereNull('due_at')->orWhere('due_at', '<=', $now))
            ->where(fn($is) => $is->whereNull('tried_at')->orWhere('tried_at', '<=', $now->subMinutes(self::AGAIN_AFTER_MINUTES)))
            ->orderBy('id')
            ->limit(self::AT_ONCE)
            ->get();
        foreach ($due as $message) {
            $sent += $this->claim($message, $now) && $this->send($message) ? 1 : 0;
        }

        return $sent;
    }

    /** Of two that take the same message one does. */
    private function claim(Message $message, CarbonImmutable $now): bool
    {
        return Message::query()
            ->whereKey($message->id)
            ->whereNull('sent_at')
            ->where('tries', $message->tries)
            ->update(['tried_at' => $now, 'tries' => $message->tries + 1, 'problem' => null]) === 1;
    }

    private function send(Message $message): bool
    {
        try {
            $this->sender->send($message);
        } catch (NotSent $problem) {
            $problem->forGood ? null : report($problem);
            Message::query()->whereKey($message->id)->update([
                'problem' => $problem->problem,
                ...($problem->forGood ? ['tries' => self::MOST_TRIES] : []),
            ]);

            return false;
        }
        Message::query()->whereKey($message->id)->update([
            'sent_at' => CarbonImmutable::now(),
            'sent_by' => $this->sender->name(),
            'problem' => null,
        ]);

        return true;
    }
}

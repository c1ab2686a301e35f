<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\ByHand;
use App\Clients\NotSent;
use App\Clients\Sender;
use App\Clients\ToPassOn;
use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Models\Message;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** What was written to clients and goes out by nobody: somebody passes it on. And whether the way to clients works. */
final class PassOnController
{
    public function index(Request $request): Answer
    {
        $this->decides($request);
        $waiting = ToPassOn::all()
            ->with('link:id,visit_id')
            ->orderByDesc('id')
            ->limit(100)
            ->get();

        return new Answer(['messages' => $waiting->map(fn(Message $message): array => [
            'id' => $message->id,
            'kind' => $message->kind,
            'visitId' => $message->visit_id ?? $message->link?->visit_id,
            'toName' => $message->to_name,
            'toPhone' => $message->to_phone,
            'text' => $message->text,
            'url' => $message->url === null ? null : url($message->url),
            'problem' => $message->problem,
            'at' => Iso::of($message->created_at),
        ])->all()]);
    }

    /** Somebody told the client, or showed them the picture. */
    public function passedOn(Request $request, Message $message): Response
    {
        $this->decides($request);
        Message::query()->whereKey($message->id)->whereNull('sent_at')->update([
            'sent_at' => CarbonImmutable::now(),
            'sent_by' => ByHand::NAME,
            'problem' => null,
        ]);

        return response()->noContent();
    }

    /** One to an address of the owner's: what comes back is what a client's message would meet. */
    public function test(Request $request, Sender $sender): Answer
    {
        $request->validate(['to' => ['required', 'string', 'email:rfc', 'max:200']]);
        $message = new Message([
            'id' => '', 'to_name' => $request->user()->name, 'to_email' => $request->string('to')->toString(), 'to_phone' => null,
            'text' => Words::of('texts.test', ['salon' => (string) config('salon.name')]), 'url' => null, 'calendar' => null,
        ]);
        try {
            $sender->send($message);
        } catch (NotSent $problem) {
            $problem->forGood ?: report($problem);

            throw ValidationException::withMessages(['to' => [Words::of("texts.not_sent.{$problem->problem}")]]);
        }

        return new Answer(['sender' => $sender->name()]);
    }

    private function decides(Request $request): void
    {
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
    }
}

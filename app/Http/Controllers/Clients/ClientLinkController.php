<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\ClientDesk;
use App\Clients\Outbox;
use App\Clients\Sender;
use App\Database\ClientAddress;
use App\Http\Answer;
use App\Http\Requests\ClientAnswerRequest;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\Iso;
use App\Http\Resources\Said\PlanSaid;
use App\Models\ClientLink;
use App\Models\Message;
use App\Models\Visit;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use App\Words\Say;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The client's page: reached by a signed link that expires, without signing in. */
final class ClientLinkController
{
    public function store(Request $request, Visit $visit, ClientDesk $desk, Sender $sender): Answer
    {
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
        $request->validate(['planId' => ['required', 'ulid']]);
        $link = $desk->send($visit, $request->string('planId')->upper()->toString(), $request->user());

        return new Answer([
            'id' => $link->id,
            'expiresAt' => Iso::of($link->expires_at),
            'sender' => Message::query()->where('client_link_id', $link->id)->exists() ? $sender->name() : null,
        ], 201);
    }

    public function show(ClientLink $link, ClientDesk $desk): Answer
    {
        $desk->opened($link);

        $language = $link->visit->dog->client->speaks();
        $said = new PlanSaid(Say::in($language));

        return new Answer([
            ...$link->shown,
            'language' => $language,
            // Reasons are kept as they were given; the sentence is made for whoever reads it.
            'offers' => array_map(fn(array $offer): array => [
                ...$offer,
                ...isset($offer['reasons']) ? ['reasons' => array_map($said->why(...), $offer['reasons'])] : [],
            ], $link->shown['offers']),
            'photos' => array_map(fn(array $photo): array => [
                ...$photo,
                'url' => ClientAddress::of('answer.photo', $link->expires_at, ['link' => $link->id, 'photo' => $photo['id']]),
            ], $link->shown['photos']),
            'sentAt' => Iso::of($link->created_at),
            'expiresAt' => Iso::of($link->expires_at),
            'settledWith' => $link->settled_with,
        ]);
    }

    public function answer(ClientAnswerRequest $request, ClientLink $link, ClientDesk $desk): Response
    {
        $desk->answer(
            $link,
            $request->answer(),
            $request->string('offer')->toString(),
            $request->string('who')->trim()->toString(),
            $request->words(),
        );

        return response()->noContent();
    }

    public function photo(ClientLink $link, string $photo, PhotoStore $photos): Response
    {
        $picture = in_array($photo, array_column($link->shown['photos'], 'id'), true) ? $photos->read($photo, PhotoSize::Thumbnail) : null;
        abort_if($picture === null, 404);

        return new Response($picture, 200, ['Content-Type' => 'image/jpeg']);
    }

    /** The stand-in for clients' phones, the latest message first: of the demo only, since whoever holds a link is the client. */
    public function messages(SearchRequest $request, Outbox $outbox): Answer
    {
        abort_unless(config('salon.demo'), 404);
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
        // In the demo nobody runs a schedule: what is due goes out when somebody looks.
        $outbox->sendDue();
        $page = Message::query()
            ->whereNotNull('sent_at')
            ->orderByDesc('sent_at')
            ->orderByDesc('id')
            ->simplePaginate(20);

        return new Answer([
            'messages' => array_map(fn(Message $message): array => [
                'id' => $message->id,
                'toName' => $message->to_name,
                'toPhone' => $message->to_phone,
                'text' => $message->text,
                'url' => $message->url,
                'at' => Iso::of($message->sent_at),
            ], $page->items()),
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }
}

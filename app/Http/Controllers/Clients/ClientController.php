<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\NameIndex;
use App\Database\OneByOne;
use App\Http\Answer;
use App\Http\Requests\ClientRequest;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\ClientHistory;
use App\Http\Resources\DogJson;
use App\Models\Client;
use App\Models\Dog;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

final class ClientController
{
    public function index(SearchRequest $request): Answer
    {
        $page = Client::query()
            ->tap(function (Builder $clients) use ($request): void {
                NameIndex::narrow($clients, 'client_id', $request->text());
            })
            ->orderBy('name')->orderBy('id')
            ->simplePaginate(20, ['id', 'name', 'phone', 'email', 'language', 'photos_allowed']);

        return new Answer([
            'clients' => array_map(fn(Client $client): array => $client->told(), $page->items()),
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }

    public function show(Client $client): Answer
    {
        $dogs = Dog::forCard()->where('client_id', $client->id)->orderBy('name')->orderBy('id')->get();

        return new Answer([
            'client' => $client->told(),
            'dogs' => $dogs->map(DogJson::of(...))->all(),
            ...ClientHistory::of($client),
        ]);
    }

    public function update(ClientRequest $request, Client $client): Answer
    {
        $moves = array_intersect_key($request->columns(), ['phone' => true, 'email' => true]) !== [];
        abort_if(
            $moves && ! $request->user()->role->decides() && $client->isAskedNow(),
            403,
            Words::of('refusals.needs_a_groomer'),
        );
        DB::transaction(function () use ($request, $client): void {
            OneByOne::on("client {$client->id}");
            // Whoever writes one of the dogs' cards wrote it before, or sees this.
            $client->dogs()->orderBy('id')->pluck('id')->each(OneByOne::dog(...));
            $client->update($request->columns());
            // Whatever shows a dog of theirs is drawn anew.
            $client->dogs()->increment('version');
        });

        return new Answer($client->told());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clients\NameIndex;
use App\Http\Answer;
use App\Http\Requests\SearchRequest;
use App\Models\Client;
use Illuminate\Database\Eloquent\Builder;

final class ClientController
{
    public function index(SearchRequest $request): Answer
    {
        $page = Client::query()
            ->tap(fn(Builder $clients) => NameIndex::narrow($clients, 'client_id', $request->text()))
            ->orderBy('name')->orderBy('id')
            ->simplePaginate(20, ['id', 'name', 'phone']);

        return new Answer([
            'clients' => array_map(
                fn(Client $client): array => ['id' => $client->id, 'name' => $client->name, 'phone' => $client->phone],
                $page->items(),
            ),
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }
}

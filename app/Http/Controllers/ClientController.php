<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Requests\SearchRequest;
use App\Models\Client;

final class ClientController
{
    public function index(SearchRequest $request): Answer
    {
        $page = Client::query()
            ->where('name', 'like', $request->pattern())
            ->orderBy('name')->orderBy('id')
            ->simplePaginate(20, ['id', 'name', 'phone']);

        return new Answer([
            'clients' => array_map(fn(Client $client): array => ['id' => $client->id, 'name' => $client->name, 'phone' => $client->phone], $page->items()),
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }
}

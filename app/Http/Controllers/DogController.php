<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DogRequest;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\DogJson;
use App\Models\Client;
use App\Models\Dog;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

final class DogController
{
    public function index(SearchRequest $request): JsonResponse
    {
        $page = Dog::query()
            ->forCard()
            ->where('name', 'like', $request->pattern())
            ->orWhereHas('client', fn($client) => $client->where('name', 'like', $request->pattern()))
            ->orderBy('name')->orderBy('id')
            ->simplePaginate(20);

        return new JsonResponse([
            'dogs' => $page->map(DogJson::of(...)),
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }

    public function store(DogRequest $request): JsonResponse
    {
        $dog = DB::transaction(function () use ($request): Dog {
            // The same dog sent twice, after a lost answer, is one dog.
            $dog = Dog::query()->find($request->string('id')->upper()->toString());
            if ($dog !== null) {
                return $dog;
            }
            $client = $request->filled('clientId')
                ? Client::query()->findOrFail($request->string('clientId')->toString())
                : Client::query()->create(['name' => $request->input('client.name'), 'phone' => $request->input('client.phone')]);

            return Dog::query()->create(['id' => $request->string('id')->upper()->toString(), 'client_id' => $client->id, ...$request->columns()]);
        });

        return $this->answer($dog, 201);
    }

    public function show(Dog $dog): JsonResponse
    {
        return $this->answer($dog, 200);
    }

    public function update(DogRequest $request, Dog $dog): JsonResponse
    {
        DB::transaction(fn() => Dog::query()->lockForUpdate()->findOrFail($dog->id)->fill($request->columns())->moveOn());

        return $this->answer($dog, 200);
    }

    private function answer(Dog $dog, int $status): JsonResponse
    {
        return new JsonResponse(DogJson::of(Dog::query()->forCard()->findOrFail($dog->id)), $status);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\NameIndex;
use App\Database\OneByOne;
use App\Http\Answer;
use App\Http\Requests\DogRequest;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\DogJson;
use App\Models\Client;
use App\Models\Dog;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

final class DogController
{
    public function index(SearchRequest $request): Answer
    {
        $dogs = Dog::forCard();
        $forgiven = NameIndex::narrow($dogs, 'dog_id', $request->text());
        $page = $dogs->orderBy('name')->orderBy('id')
            ->simplePaginate(20);

        return new Answer([
            'dogs' => $page->map(DogJson::of(...)),
            'forgiven' => $forgiven,
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
        ]);
    }

    public function store(DogRequest $request): Answer
    {
        $dog = DB::transaction(function () use ($request): Dog {
            OneByOne::dog($request->string('id')->upper()->toString());
            // The same dog sent twice, after a lost answer, is one dog.
            $dog = Dog::query()->find($request->string('id')->upper()->toString());
            if ($dog !== null) {
                return $dog;
            }
            $client = $request->filled('clientId')
                ? Client::query()->findOrFail($request->string('clientId')->toString())
                : Client::query()->create(Arr::only($request->array('client'), ['name', 'phone', 'language']));

            return Dog::query()->create([
                'id' => $request->string('id')->upper()->toString(),
                'client_id' => $client->id,
                ...$request->columns(),
            ]);
        });

        return $this->answer($dog, 201);
    }

    public function show(Dog $dog): Answer
    {
        return $this->answer($dog, 200);
    }

    public function update(DogRequest $request, Dog $dog): Answer
    {
        DB::transaction(function () use ($request, $dog): void {
            OneByOne::dog($dog->id);
            $columns = $request->columns();
            Dog::query()->findOrFail($dog->id)->fill($columns)->answered(array_keys($columns))->moveOn();
        });

        return $this->answer($dog, 200);
    }

    private function answer(Dog $dog, int $status): Answer
    {
        return new Answer(DogJson::of(Dog::forCard()->findOrFail($dog->id)), $status);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Answer;
use App\Http\Resources\DogJson;
use App\Http\Resources\DogYears;
use App\Models\Dog;

/** A dog's page. */
final class DogYearsController
{
    public function __invoke(Dog $dog, DogYears $years): Answer
    {
        return new Answer(['dog' => DogJson::of(Dog::forCard()->findOrFail($dog->id)), ...$years->of($dog)]);
    }
}

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Client;
use App\Models\Dog;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Dog> */
final class DogFactory extends Factory
{
    protected $model = Dog::class;

    public function definition(): array
    {
        return [
            'client_id' => Client::factory(),
            'name' => 'Dulse',
            'breed' => 'Irish Water Spaniel',
            'sex' => 'female',
            'entire' => false,
            'born_on' => CarbonImmutable::now()->subMonths(52)->toDateString(),
            'coat' => 'curly',
            'primitive' => false,
            'coat_mm' => 60,
            'section_mm' => [],
            'weight_kg' => 24,
            'temperament' => 'wriggly',
            'health' => [],
            'mind' => 'Tucks up when pulled',
        ];
    }
}

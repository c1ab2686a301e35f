<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * What the demo world was made from and the application never sees: each dog's own clock and each groomer's pace.
 *
 * Written to a file for whoever checks forecasts against truth; nothing in the application reads it.
 */
final class HiddenTruth
{
    /** @var array<string, array{slowness: float, parts: array<string, float>, home: string, told: string, visits: int}> by the dog's id */
    private array $dogs = [];

    /** @param array<string, array<string, float>> $paces part of the forecast that a groomer takes, by name and coat */
    public function __construct(private readonly array $paces) {}

    public function knowDog(string $dogId, HiddenDog $dog): void
    {
        $this->dogs[$dogId] = [
            'slowness' => round($dog->slowness, 4),
            'parts' => array_map(fn(float $slowness): float => round($slowness, 4), $dog->parts),
            'home' => $dog->home->value,
            'told' => $dog->told->value,
            'visits' => 0,
        ];
    }

    public function knowVisits(string $dogId, int $visits): void
    {
        $this->dogs[$dogId]['visits'] = $visits;
    }

    public function pace(string $groomer, string $coat): float
    {
        return $this->paces[$groomer][$coat] ?? 1.0;
    }

    public function write(string $file): void
    {
        file_put_contents(
            $file,
            json_encode(['dogs' => $this->dogs, 'paces' => $this->paces], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n",
        );
    }
}

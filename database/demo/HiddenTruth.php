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
    /** @var array<string, array{days: float, home: string}> by the dog's id */
    private array $dogs = [];

    /** @param array<string, array<string, float>> $paces part of the forecast that a groomer takes, by name and coat */
    public function __construct(private readonly array $paces) {}

    public function knowDog(string $dogId, float $clockDays, string $home): void
    {
        $this->dogs[$dogId] = ['days' => round($clockDays, 2), 'home' => $home];
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

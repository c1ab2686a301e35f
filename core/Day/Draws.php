<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What chance adds to each step of each dog, run by run: N(0, 1), seeded.
 *
 * A dog's draws hang on its own id and on the step, so that every alternative of a day is tried with the same ones.
 */
final class Draws
{
    private const FINE = 1 << 30;

    /** @var array<string, list<list<float>>> by dog id, run, step in the order of `Step` */
    private array $drawn = [];

    public function __construct(public readonly int $runs, private readonly int $seed) {}

    /** The first few of them: to look for what is worth all. */
    public function first(int $runs): self
    {
        return new self(min($runs, $this->runs), $this->seed);
    }

    /** @return list<list<float>> by run, then by step in the order of `Step` */
    public function of(string $dog): array
    {
        return $this->drawn[$dog] ??= $this->draw($dog);
    }

    /** @return list<list<float>> */
    private function draw(string $dog): array
    {
        $random = new Randomizer(new Mt19937(crc32("{$this->seed} {$dog}")));
        $steps = count(Step::cases());
        $drawn = [];
        for ($run = 0; $run < $this->runs; $run++) {
            $one = [];
            // Box and Muller: two draws of a normal distribution from two of an even one.
            for ($step = 0; $step < $steps; $step += 2) {
                $far = sqrt(-2 * log($random->getInt(1, self::FINE) / self::FINE));
                $turn = 2 * M_PI * $random->getInt(1, self::FINE) / self::FINE;
                $one[] = $far * cos($turn);
                $one[] = $far * sin($turn);
            }
            $drawn[] = $one;
        }

        return $drawn;
    }
}

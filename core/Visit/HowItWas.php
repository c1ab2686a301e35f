<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Words\OpenedWith;
use HoundCheck\Core\Marks\Words\Signal;

/** How a dog took a visit: what it weighed, its signals by place, and what opened its mats. */
final readonly class HowItWas
{
    /**
     * @param list<array{section: string|null, signal: Signal}> $signals in the order in which they were given
     * @param array<string, OpenedWith> $opened by section id
     * @param list<string> $pulled ids of sections at which something was opened by hand
     */
    private function __construct(public float $weightKg, public array $signals, public array $opened, public array $pulled) {}

    public static function of(VisitState $state): self
    {
        $pulled = [];
        foreach ($state->run->ledgers as $section => $ledger) {
            if ($ledger->mats !== []) {
                $pulled[] = $section->value;
            }
        }

        return new self(
            $state->dog()->weightKg,
            array_map(
                fn(Mark $reaction): array => ['section' => $reaction->section?->value, 'signal' => $reaction->what->signal],
                $state->run->reactions,
            ),
            $state->run->openedWith,
            $pulled,
        );
    }

    /** @return array<string, mixed> as `fromArray()` reads it */
    public function toArray(): array
    {
        return [
            'weight_kg' => $this->weightKg,
            'signals' => array_map(fn(array $one): array => [$one['section'], $one['signal']->value], $this->signals),
            'opened' => array_map(fn(OpenedWith $with): string => $with->value, $this->opened),
            'pulled' => $this->pulled,
        ];
    }

    /** @param array<string, mixed> $was what `toArray()` wrote */
    public static function fromArray(array $was): self
    {
        return new self(
            (float) $was['weight_kg'],
            array_values(array_map(
                fn(array $one): array => ['section' => $one[0], 'signal' => Signal::from($one[1])],
                $was['signals'],
            )),
            array_map(OpenedWith::from(...), $was['opened']),
            array_values($was['pulled']),
        );
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Words\OpenedWith;
use HoundCheck\Core\Marks\Words\Signal;

/** What is known of handling a dog, over its visits: where it gave signals, what opened its mats, and where it was calm. */
final readonly class Handling
{
    /** So often opened without a signal, a place counts as calm. */
    private const CALM_FROM = 2;

    /**
     * @param list<array{section: string|null, signal: Signal, visits: int, last: \DateTimeImmutable}> $signals the latest first
     * @param array<string, array{with: OpenedWith, last: \DateTimeImmutable}> $opened the latest by section id
     * @param list<string> $calm ids of sections where mats were opened more than once and the dog never minded
     */
    private function __construct(public array $signals, public array $opened, public array $calm) {}

    /** @param list<array{at: \DateTimeImmutable, was: HowItWas}> $visits by time */
    public static function over(array $visits): self
    {
        $signals = $opened = $pulled = $minded = [];
        foreach ($visits as ['at' => $at, 'was' => $was]) {
            $seen = [];
            foreach ($was->signals as $given) {
                $key = "{$given['section']}/{$given['signal']->value}";
                $signals[$key] = [...$given, 'visits' => ($signals[$key]['visits'] ?? 0) + (isset($seen[$key]) ? 0 : 1), 'last' => $at];
                $seen[$key] = true;
                $minded[(string) $given['section']] = true;
            }
            foreach ($was->opened as $section => $with) {
                $opened[$section] = ['with' => $with, 'last' => $at];
            }
            foreach ($was->pulled as $section) {
                $pulled[$section] = ($pulled[$section] ?? 0) + 1;
            }
        }
        usort($signals, fn(array $one, array $other): int => [$other['last'], $other['visits']] <=> [$one['last'], $one['visits']]);
        $calm = array_keys(array_filter(
            $pulled,
            fn(int $times, string $section): bool => $times >= self::CALM_FROM && ! isset($minded[$section]),
            ARRAY_FILTER_USE_BOTH,
        ));

        return new self($signals, $opened, $calm);
    }
}

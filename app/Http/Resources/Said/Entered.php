<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Words\Say;

/** The fields of one entry, ready to be said; an earlier version of the application may have left some out, or named them otherwise. */
final readonly class Entered
{
    /** @param array<array-key, mixed> $payload */
    public function __construct(private Say $say, private array $payload) {}

    public function has(string $field): bool
    {
        return is_scalar($this->payload[$field] ?? null) && $this->payload[$field] !== false;
    }

    public function text(string $field): string
    {
        return $this->has($field) ? (string) $this->payload[$field] : '';
    }

    /** @return float 0: not given */
    public function figure(string $field): float
    {
        return (float) $this->text($field);
    }

    /** The sentence that a group has for what was entered; empty: it has none. */
    public function named(string $group, string $field, string $end = ''): string
    {
        return $this->say->named($group, $this->text($field), $end);
    }

    /** The same inside a sentence. */
    public function small(string $group, string $field): string
    {
        return $this->say->within($this->named($group, $field));
    }

    /** @return list<string> the sentence of each thing in a list */
    public function each(string $group, string $field): array
    {
        return array_map(fn(string $one): string => $this->say->named($group, $one), $this->names($field));
    }

    /** @return list<string> a list as it was sent; an earlier version let some in under names */
    public function names(string $field): array
    {
        return array_values(array_filter((array) ($this->payload[$field] ?? null), is_string(...)));
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/**
 * One thing for each of some sections, in the fixed order of the sections.
 *
 * @template-covariant T
 *
 * @implements \IteratorAggregate<Section, T>
 */
final readonly class BySection implements \Countable, \IteratorAggregate
{
    /** @param array<string, T> $byId by section id, in order */
    private function __construct(private array $byId) {}

    /**
     * @template V
     *
     * @param array<string, V> $byId by section id, in any order
     *
     * @return self<V>
     *
     * @throws \ValueError where an id is no section's
     */
    public static function of(array $byId): self
    {
        $ordered = [];
        foreach (Section::cases() as $section) {
            if (isset($byId[$section->value])) {
                $ordered[$section->value] = $byId[$section->value];
            }
        }
        if (count($ordered) < count($byId)) {
            throw new \ValueError('No section is called '.array_key_first(array_diff_key($byId, $ordered)).'.');
        }

        return new self($ordered);
    }

    /**
     * @template V
     *
     * @param V $one
     *
     * @return self<T|V>
     */
    public function with(Section $section, mixed $one): self
    {
        $byId = [...$this->byId, $section->value => $one];

        return isset($this->byId[$section->value]) ? new self($byId) : self::of($byId);
    }

    /** @return T|null */
    public function at(Section $section): mixed
    {
        return $this->byId[$section->value] ?? null;
    }

    /**
     * @return T
     *
     * @throws \OutOfBoundsException where there is none
     */
    public function get(Section $section): mixed
    {
        return $this->byId[$section->value] ?? throw new \OutOfBoundsException("Nothing is known of {$section->value}.");
    }

    public function has(Section $section): bool
    {
        return isset($this->byId[$section->value]);
    }

    /**
     * @template V
     *
     * @param \Closure(T, Section): V $change
     *
     * @return self<V>
     */
    public function map(\Closure $change): self
    {
        $changed = [];
        foreach ($this->byId as $id => $one) {
            $changed[$id] = $change($one, Section::from($id));
        }

        return new self($changed);
    }

    /**
     * @param \Closure(T, Section): bool $keeps
     *
     * @return self<T>
     */
    public function keep(\Closure $keeps): self
    {
        return new self(array_filter(
            $this->byId,
            fn(mixed $one, string $id): bool => $keeps($one, Section::from($id)),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** @return list<Section> */
    public function sections(): array
    {
        return array_map(Section::from(...), array_keys($this->byId));
    }

    /** @return array<string, T> by section id, as it is written */
    public function byId(): array
    {
        return $this->byId;
    }

    public function count(): int
    {
        return count($this->byId);
    }

    /** @return \Generator<Section, T> */
    public function getIterator(): \Generator
    {
        foreach ($this->byId as $id => $one) {
            yield Section::from($id) => $one;
        }
    }
}

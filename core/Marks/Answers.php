<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/**
 * What devices answered to one place. An answer made in sight of another takes its place; those that did not see one another stand
 * side by side, whichever reached the server first.
 *
 * @template-covariant T of Payload
 */
final readonly class Answers
{
    /** @param list<array{Mark<T>, int}> $standing each with its number in the visit, from 1 */
    public function __construct(private array $standing = []) {}

    /**
     * @template P of Payload
     *
     * @param Mark<P> $mark
     *
     * @return self<T|P>
     */
    public function with(Mark $mark, int $number): self
    {
        return new self([...$this->unseenBy($mark, $number)->standing, [$mark, $number]]);
    }

    /**
     * Those that whoever made the mark had not seen.
     *
     * @param Mark<Payload> $mark
     *
     * @return self<T>
     */
    public function unseenBy(Mark $mark, int $number): self
    {
        $seen = $mark->seen ?? $number;

        return new self(array_values(array_filter(
            $this->standing,
            fn(array $one): bool => $one[1] > $seen && $one[0]->device !== $mark->device,
        )));
    }

    /** @return list<Mark<T>> in the order of arrival */
    public function marks(): array
    {
        return array_column($this->standing, 0);
    }
}

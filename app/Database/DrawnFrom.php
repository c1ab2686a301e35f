<?php

declare(strict_types=1);

namespace App\Database;

/**
 * While an answer is drawn everybody who reads something for it says so here, before reading: what is kept is good until one of these
 * has changed.
 */
final class DrawnFrom
{
    /** @var list<array<string, string>> for each answer that is being drawn: stamps by source */
    private array $open = [];

    public static function read(Source $source, string $of = ''): void
    {
        $here = app(self::class);
        foreach (array_keys($here->open) as $drawn) {
            $here->open[$drawn][$source->named($of)] ??= $source->stamp($of);
        }
    }

    /**
     * @template T
     *
     * @param \Closure(): T $draw
     * @param array<string, string> $before stamps of what was read for it before
     *
     * @return array{T, array<string, string>|null} with the stamps of its sources; null: one of them changed while it was drawn
     */
    public function during(\Closure $draw, array $before = []): array
    {
        $this->open[] = $before;
        try {
            $answer = $draw();
        } finally {
            $stamps = (array) array_pop($this->open);
        }

        return [$answer, self::stamps(array_keys($stamps)) === $stamps ? $stamps : null];
    }

    /**
     * @param list<string> $sources
     *
     * @return array<string, string> as they are now
     */
    public static function stamps(array $sources): array
    {
        $stamps = [];
        foreach ($sources as $one) {
            [$source, $of] = explode(':', $one, 2);
            $stamps[$one] = Source::from($source)->stamp($of);
        }

        return $stamps;
    }
}

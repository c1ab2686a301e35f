<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Arrival\VisitHasNotArrived;
use HoundCheck\Core\Marks\Kinds\LateCounted;
use HoundCheck\Core\Marks\Kinds\Withdrawn;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;

/**
 * Folds the marks of one visit, one by one in the order the server numbered them, into the state they add up to.
 *
 * It can be kept, and goes on from there without the marks before: a long visit costs no more than a short one.
 */
final class VisitFold
{
    /** @var array<string, Mark<Payload>> by id, in the order of arrival; those that it was kept after are fetched when asked for */
    private array $marks = [];

    /** Marks that are not fetched. */
    private int $before = 0;

    private ?EarlierMarks $earlier = null;

    /** @var array<string, string> id of the withdrawing mark by id of the mark it takes back */
    private array $withdrawn = [];

    /** @var array<string, true> ids of marks that arrived after the end and do not count */
    private array $setApart = [];

    /** @var array<string, true> ids of marks that end the visit and were not taken back */
    private array $ends = [];

    /** Something was taken back: everything is folded anew when it is asked for. */
    private bool $stale = false;

    private WhatCounts $standing;

    public function __construct(private readonly Known $known = new Known)
    {
        $this->standing = new WhatCounts($known);
    }

    /**
     * @param list<Mark<Payload>> $marks in server order
     *
     * @throws VisitHasNotArrived when the first thing to know about a visit, the dog, is missing
     */
    public static function of(array $marks, Known $known = new Known): VisitState
    {
        $fold = new self($known);
        array_map($fold->take(...), $marks);

        return $fold->state();
    }

    /** @return array<string, mixed> all but the marks: what they add up to */
    public function __serialize(): array
    {
        return [
            'before' => $this->count(),
            'withdrawn' => $this->withdrawn,
            'setApart' => $this->setApart,
            'ends' => $this->ends,
            'standing' => $this->standing(),
            'known' => $this->known,
        ];
    }

    /**
     * @param array{
     *     before: int, withdrawn: array<string, string>, setApart: array<string, true>, ends: array<string, true>, standing: WhatCounts, known: Known
     * } $kept
     */
    public function __unserialize(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $this->{$name} = $value;
        }
    }

    /** What is known beside the marks is what it was folded by. */
    public function knows(Known $known): bool
    {
        return $this->known->equals($known);
    }

    /** Goes on from where it was kept. */
    public function goesOnAfter(EarlierMarks $earlier): void
    {
        $this->earlier = $earlier;
    }

    public function __clone()
    {
        $this->standing = clone $this->standing;
    }

    /** @param Mark<Payload> $mark */
    public function take(Mark $mark): void
    {
        $isSetApart = $this->comesTooLate($mark);
        $this->marks[$mark->id] = $mark;
        if ($isSetApart) {
            $this->setApart[$mark->id] = true;
        } elseif ($mark->what instanceof Withdrawn) {
            $this->takeBack($mark->what->markId, $mark->id);
        } elseif ($mark->what instanceof LateCounted) {
            $this->countIn($mark->what->markId);
        } else {
            $mark->declared->phase === Phase::End ? $this->ends[$mark->id] = true : null;
            $this->stale ? null : $this->standing->take($mark, $this->count());
        }
    }

    /**
     * What arrives after the end, though it was made before, is set apart: it changes neither price nor consent, nor what the client was
     * shown, until a groomer counts it. A note, a photo, and what speaks of the end itself are not.
     *
     * @param Mark<Payload> $mark
     */
    public function comesTooLate(Mark $mark): bool
    {
        return $this->ends !== [] && match (true) {
            $mark->declared->afterTheEnd => false,
            $mark->what instanceof Withdrawn => ! $this->speaksOfTheEnd($mark->what->markId),
            default => true,
        };
    }

    /** It arrived after the end, and nobody has counted it. */
    public function isSetApart(string $id): bool
    {
        return isset($this->setApart[$id]);
    }

    private function speaksOfTheEnd(string $markId): bool
    {
        return isset($this->ends[$markId]) || $this->mark($markId)?->what instanceof LateCounted;
    }

    private function takeBack(string $markId, string $by): void
    {
        $this->withdrawn[$markId] = $by;
        unset($this->ends[$markId]);
        $counted = $this->mark($markId)?->what;
        if ($counted instanceof LateCounted) {
            $this->setApart[$counted->markId] = true;
            $late = $this->mark($counted->markId)?->what;
            if ($late instanceof Withdrawn) {
                unset($this->withdrawn[$late->markId]);
            }
        }
        $this->stale = true;
    }

    private function countIn(string $markId): void
    {
        unset($this->setApart[$markId]);
        $late = $this->mark($markId)?->what;
        if ($late instanceof Withdrawn) {
            $this->withdrawn[$late->markId] = $markId;
        }
        $this->stale = true;
    }

    /** @throws VisitHasNotArrived */
    public function state(): VisitState
    {
        return $this->standing()->state();
    }

    private function standing(): WhatCounts
    {
        if ($this->stale) {
            $this->standing = new WhatCounts($this->known);
            foreach ($this->marks() as $before => $mark) {
                match (true) {
                    isset($this->setApart[$mark->id]) => null,
                    isset($this->withdrawn[$mark->id]) => $this->standing->seeWithdrawn($mark),
                    default => $this->standing->take($mark, $before + 1),
                };
            }
            $this->stale = false;
        }

        return $this->standing;
    }

    /** @return list<Mark<Payload>> in the order of arrival, those taken back or set apart included */
    public function marks(): array
    {
        $this->fetch();

        return array_values($this->marks);
    }

    /** Marks of the visit, those taken back included. */
    public function count(): int
    {
        return $this->before + count($this->marks);
    }

    /** @return Mark<Payload>|null */
    public function mark(string $id): ?Mark
    {
        isset($this->marks[$id]) || $this->fetch();

        return $this->marks[$id] ?? null;
    }

    private function fetch(): void
    {
        if ($this->before > 0) {
            $earlier = $this->earlier?->all() ?? throw new \LogicException('A kept fold goes on without its marks.');
            $this->marks = [...array_column($earlier, null, 'id'), ...$this->marks];
            $this->before = 0;
        }
    }

    /** @return list<string> ids of the marks that were taken back */
    public function withdrawn(): array
    {
        return array_keys($this->withdrawn);
    }

    public function isWithdrawn(string $id): bool
    {
        return isset($this->withdrawn[$id]);
    }
}

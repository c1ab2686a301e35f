<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Visit\Marks\Withdrawn;

/** Folds the marks of one visit, one by one in the order the server numbered them, into the state they add up to. */
final class VisitFold
{
    /** @var array<string, Mark<Payload>> by id, in the order of arrival */
    private array $marks = [];

    /** @var array<string, string> id of the withdrawing mark by id of the mark it takes back */
    private array $withdrawn = [];

    /** Something was taken back: everything is folded anew when it is asked for. */
    private bool $stale = false;

    private Standing $standing;

    /** @param array<string, array<string, OpenFinding>> $carried findings still open from earlier visits, by section id and their own */
    public function __construct(private readonly HouseRules $rules, private readonly array $carried = [])
    {
        $this->standing = new Standing($rules, $carried);
    }

    /**
     * @param list<Mark<Payload>> $marks in server order
     * @param array<string, array<string, OpenFinding>> $carried
     *
     * @throws VisitHasNotArrived when the first thing to know about a visit, the dog, is missing
     */
    public static function of(array $marks, HouseRules $rules = new HouseRules, array $carried = []): VisitState
    {
        $fold = new self($rules, $carried);
        array_map($fold->take(...), $marks);

        return $fold->state();
    }

    /** @param Mark<Payload> $mark */
    public function take(Mark $mark): void
    {
        $this->marks[$mark->id] = $mark;
        if ($mark->what instanceof Withdrawn) {
            $this->withdrawn[$mark->what->markId] = $mark->id;
            $this->stale = true;
        } elseif (! $this->stale) {
            $this->standing->take($mark);
        }
    }

    /** @throws VisitHasNotArrived */
    public function state(): VisitState
    {
        if ($this->stale) {
            $this->standing = new Standing($this->rules, $this->carried);
            foreach ($this->marks as $mark) {
                isset($this->withdrawn[$mark->id]) ? $this->standing->seeWithdrawn($mark) : $this->standing->take($mark);
            }
            $this->stale = false;
        }

        return $this->standing->state();
    }

    /** @return list<Mark<Payload>> in the order of arrival, those taken back included */
    public function marks(): array
    {
        return array_values($this->marks);
    }

    /** Marks of the visit, those taken back included. */
    public function count(): int
    {
        return count($this->marks);
    }

    /** @return Mark<Payload>|null */
    public function mark(string $id): ?Mark
    {
        return $this->marks[$id] ?? null;
    }

    public function isWithdrawn(string $id): bool
    {
        return isset($this->withdrawn[$id]);
    }
}

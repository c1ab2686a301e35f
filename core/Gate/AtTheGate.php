<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;

/** A visit at which marks arrive one by one. What follows from them is worked out when somebody asks, and kept until it changes. */
final class AtTheGate
{
    private ?VisitReport $report = null;

    private ?Grounds $grounds = null;

    /** Of the marks before the latest: what did not change since is not worked out again. */
    private ?VisitReport $earlier = null;

    public function __construct(private readonly Known $known, private VisitFold $fold) {}

    /** @param list<Mark<Payload>> $marks in the order of arrival */
    public static function of(array $marks, Known $known = new Known): self
    {
        $visit = new self($known, new VisitFold($known));
        array_map($visit->take(...), $marks);

        return $visit;
    }

    /** Another visit that goes on from the same marks. */
    public function __clone()
    {
        $this->fold = clone $this->fold;
    }

    public function fold(): VisitFold
    {
        return $this->fold;
    }

    /** @param Mark<Payload> $mark */
    public function take(Mark $mark): void
    {
        $this->fold->take($mark);
        $this->earlier = $this->report ?? $this->earlier;
        $this->report = null;
        $this->grounds = Grounds::stayWith($mark) ? $this->grounds : null;
    }

    public function state(): VisitState
    {
        return $this->fold->state();
    }

    public function report(): VisitReport
    {
        return $this->report ??= VisitReport::of($this->state(), $this->known, $this->earlier);
    }

    /** The part of it that most marks at the table are held against. */
    public function grounds(): Grounds
    {
        return $this->grounds ??= Grounds::of($this->report());
    }

    /** @return list<string> ids of findings open on the dog, earlier visits' included */
    public function openFindings(): array
    {
        $carried = array_merge([], ...array_map(array_keys(...), array_values($this->known->carried)));
        $findings = $this->state()->findings;

        return array_values(array_diff([...$carried, ...array_keys($findings->noted)], array_keys($findings->closed)));
    }

    /**
     * @param Mark<Payload> $mark
     *
     * @return Refusal|null null: it is taken
     */
    public function refusal(Mark $mark, Recorder $recorder): ?Refusal
    {
        return (new MarkGate($this, $recorder))->refusal($mark);
    }
}

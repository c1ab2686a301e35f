<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Reach;
use HoundCheck\Core\Plan\GradedSection;
use HoundCheck\Core\Plan\WorkCost;
use HoundCheck\Core\Table\Asked;

/** What each section asks at this moment, kept as long as no mark changes it. */
final readonly class AskedPlaces
{
    /** @param array<string, Asked> $kept by section id */
    public function __construct(private Known $known, private array $kept = []) {}

    /** @return array{Known} what is kept is worked out again */
    public function __serialize(): array
    {
        return [$this->known];
    }

    /** @param array{Known} $kept */
    public function __unserialize(array $kept): void
    {
        [$this->known] = $kept;
        $this->kept = [];
    }

    /** Null: it is to be worked out. */
    public function at(Section $section): ?Asked
    {
        return $this->kept[$section->value] ?? null;
    }

    /** @param Mark<Payload> $mark that may change what sections ask for */
    public function after(Mark $mark): self
    {
        return match ($mark->declared->reach) {
            Reach::Everywhere => new self($this->known),
            Reach::Here => new self($this->known, array_diff_key($this->kept, [(string) $mark->section?->value => true])),
            Reach::Nowhere => $this,
        };
    }

    public function with(Asked $asked): self
    {
        return new self($this->known, [...$this->kept, $asked->section->value => $asked]);
    }

    /** By the visit as it stands. */
    public function workedOut(Section $section, VisitState $visit): Asked
    {
        $rules = $this->known->rules;
        $reading = (new Readings($visit, $this->known))->at($section);
        $graded = new GradedSection($section, $reading, (new Grader)->grade($reading->check), $rules->plan);
        $grade = $visit->run->at($section)->combedOut ? null : $graded->gradeInForce();

        return new Asked(
            $section,
            $grade,
            $grade === null ? 0.0 : $graded->mattedShare(),
            $grade === null ? null : $graded->liftMm(),
            $reading->has(FindingKind::Redness),
            $rules->plan->fineTeethMm,
            $rules->schools->lineCount->countsWhere($grade?->isMatted() === true),
            new PlannedThere($visit, $graded, $rules),
            new WorkCost($visit->dog(), $rules),
        );
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Reach;
use HoundCheck\Core\Plan\GradedSection;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\WorkCost;
use HoundCheck\Core\Table\Asked;

/** What each section asks at this moment, kept as long as no mark changes it. */
final class AskedPlaces
{
    /** @var array<string, Asked> by section id */
    private array $asked = [];

    /** @var array<string, Treatment|null> by section id, where a line asked for it */
    private array $planned = [];

    /** @param array<string, array<string, OpenFinding>> $carried findings still open from earlier visits, by section id and their own */
    public function __construct(private readonly HouseRules $rules, private readonly array $carried) {}

    /** @param \Closure(): VisitState $state as it stands: made only where nobody asked since something changed */
    public function at(Section $section, \Closure $state): Asked
    {
        return $this->asked[$section->value] ??= $this->asks($section, $state());
    }

    /** @param Mark<Payload> $mark that may change what sections ask for */
    public function after(Mark $mark): void
    {
        if ($mark->declared->reach === Reach::Everywhere) {
            $this->asked = $this->planned = [];
        } elseif ($mark->declared->reach === Reach::Here) {
            $id = (string) $mark->section?->value;
            unset($this->asked[$id], $this->planned[$id]);
        }
    }

    private function planned(Section $section, GradedSection $graded, VisitState $state): ?Treatment
    {
        if (! array_key_exists($section->value, $this->planned)) {
            $this->planned[$section->value] = $state->plannedAt($section, $graded, $this->rules);
        }

        return $this->planned[$section->value];
    }

    private function asks(Section $section, VisitState $state): Asked
    {
        $ledger = $state->run->at($section);
        $reading = (new Readings($state, $this->rules, $this->carried))->at($section);
        $graded = new GradedSection($section, $reading, (new Grader)->grade($reading->check), $this->rules->plan);
        $grade = $ledger->combedOut ? null : $graded->gradeInForce();

        return new Asked(
            $section,
            $grade,
            $grade === null ? 0.0 : $graded->mattedShare(),
            $grade === null ? null : $graded->liftMm(),
            $reading->has(FindingKind::Redness),
            $this->rules->plan->fineTeethMm,
            $this->rules->schools->lineCount->countsWhere($grade?->isMatted() === true),
            fn(): ?Treatment => $this->planned($section, $graded, $state),
            new WorkCost($state->dog(), $this->rules),
        );
    }
}

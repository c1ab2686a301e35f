<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\HouseRules;

/** What the table watches at the section in hand; the most pressing first. Said once, never an alarm. */
final readonly class Guards
{
    /** @param float $sectionCapMinutes tension minutes that one section may ask of this dog */
    public function __construct(private TableRun $run, private Borne $borne, private HouseRules $rules, private float $sectionCapMinutes) {}

    /**
     * @param list<FindingKind> $findings noted at the section and open
     *
     * @return list<Guard>
     */
    public function at(Section $section, array $findings): array
    {
        $table = $this->rules->table;
        $cap = $this->sectionCapMinutes;
        $here = $this->borne->at($section);
        $left = $this->borne->left();
        $lines = (float) $this->run->at($section)->linesSinceMist;

        return array_values(array_filter([
            match (true) {
                $this->run->snapped() => new Guard(GuardKind::Snapped),
                $this->borne->isSpent() => new Guard(GuardKind::ToleranceSpent, $this->borne->byWork(), $this->borne->toleranceMinutes),
                $left <= $table->lowToleranceMinutes
                    && $this->borne->byWork() > 0 => new Guard(GuardKind::ToleranceLow, $left, $this->borne->toleranceMinutes),
                default => null,
            },
            $here >= $cap ? new Guard(GuardKind::SectionCapReached, $here, $cap) : null,
            in_array(FindingKind::Redness, $findings, true) ? new Guard(GuardKind::RestThisPlace) : null,
            $lines >= $table->linesPerMist ? new Guard(GuardKind::MistAgain, $lines, $table->linesPerMist) : null,
        ]));
    }

    /** Seconds on one line before it is time to move on and come back; null where nobody says when a line is done. */
    public function lineSeconds(?Grade $grade): ?float
    {
        return $this->rules->schools->lineCount->countsWhere($grade?->isMatted() === true) ? $this->rules->table->lineSeconds : null;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\SectionReading;

/** What is known of each section of a visit, and with it what a plan is made from. */
final readonly class Readings
{
    public function __construct(private VisitState $visit, private Known $known) {}

    /** As the inspection left it. */
    public function atInspection(): CoatCase
    {
        return $this->case(
            fn(Section $section): SectionReading => $this->reading($section, $this->inspected($section)),
            $this->visit->arrival->slotMinutes(),
        );
    }

    /** The same with what the comb found at the table, and the table time that is left. */
    public function withTable(bool $demattingOver = false): CoatCase
    {
        $minutesLeft = max(0, (int) ceil($this->visit->arrival->slotMinutes() - $this->visit->run->seconds() / 60));

        return $this->case($this->at(...), $minutesLeft, $demattingOver);
    }

    /** Where the comb stopped at the table, the place is graded anew. */
    public function at(Section $section): SectionReading
    {
        return $this->reading($section, $this->visit->run->at($section)->asking ?? $this->inspected($section));
    }

    private function inspected(Section $section): ?CombCheck
    {
        return $this->visit->combed->checks[$section->value]->what->check ?? null;
    }

    /** @return list<OpenFinding> earlier visits' included */
    public function openAt(Section $section): array
    {
        $earlier = array_diff_key($this->known->carried[$section->value] ?? [], $this->visit->findings->closed);

        return [...array_values($earlier), ...$this->visit->findings->openAt($section)];
    }

    private function reading(Section $section, ?CombCheck $check): SectionReading
    {
        $open = $this->openAt($section);
        $blades = $this->visit->planned->bladeTest($section, $this->known->rules);
        $lift = $blades->liftMm();
        $check ??= new CombCheck;
        // A blade is tried under a mat; where there is none it measures nothing.
        $matted = (new Grader)->grade($check)->grade?->isMatted() === true;

        return new SectionReading(
            $lift === null || ! $matted ? $check : $check->with(['liftMm' => $lift]),
            self::kinds($open, false),
            ($this->visit->combed->judged[$section->value] ?? null)?->what->own,
            $matted && $blades->needsAVet(),
            self::kinds($open, true),
        );
    }

    /**
     * @param list<OpenFinding> $findings
     *
     * @return list<FindingKind>
     */
    private static function kinds(array $findings, bool $spots): array
    {
        return array_values(array_map(
            fn(OpenFinding $finding): FindingKind => $finding->kind,
            array_filter($findings, fn(OpenFinding $finding): bool => $finding->isSpot === $spots),
        ));
    }

    /** @param \Closure(Section): SectionReading $reading */
    private function case(\Closure $reading, int $slotMinutes, bool $demattingOver = false): CoatCase
    {
        $readings = [];
        foreach (Section::cases() as $section) {
            $here = $reading($section);
            if ($here->check->comb !== null || $here->findings !== [] || $here->spots !== []) {
                $readings[$section->value] = $here;
            }
        }

        return new CoatCase(
            $this->visit->dog(),
            $this->known->rules->kit,
            $slotMinutes,
            $this->visit->arrival->consent(),
            $readings,
            $demattingOver,
            $this->visit->arrival->answers->wantedMm,
            $this->visit->arrival->answers->prized ?? [],
            $this->visit->arrival->answers->wantedByPart(),
        );
    }
}

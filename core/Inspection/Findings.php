<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Marks\Kinds\FindingClosed;
use HoundCheck\Core\Marks\Kinds\FindingMinded;
use HoundCheck\Core\Marks\Kinds\FindingNoted;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** What was seen and felt on the skin, what of it is over, and who minded it. */
final readonly class Findings
{
    /**
     * @param array<string, array<string, OpenFinding>> $carried open from earlier visits, by section id and their own
     * @param array<string, Mark<FindingNoted>> $noted by mark id
     * @param array<string, string> $closed id of the closing mark by finding id, earlier visits' findings included
     * @param array<string, list<string>> $minded ids of the findings that somebody had seen at a section, by section id
     */
    private function __construct(private array $carried, public array $noted, public array $closed, private array $minded) {}

    /** @param array<string, array<string, OpenFinding>> $carried */
    public static function carrying(array $carried): self
    {
        return new self($carried, [], [], []);
    }

    /** @param Mark<Payload> $mark */
    public function after(Mark $mark): self
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;

        return match (true) {
            $what instanceof FindingNoted => new self(
                $this->carried,
                [...$this->noted, $mark->id => $mark->of(FindingNoted::class)],
                $this->closed,
                $this->minded,
            ),
            $what instanceof FindingClosed => new self(
                $this->carried,
                $this->noted,
                [...$this->closed, $what->findingId => $mark->id],
                $this->minded,
            ),
            $what instanceof FindingMinded => new self($this->carried, $this->noted, $this->closed, [
                ...$this->minded,
                $id => array_keys($this->noted + ($this->carried[$id] ?? [])),
            ]),
            default => $this,
        };
    }

    /** @return list<OpenFinding> noted on this visit */
    public function openAt(Section $section): array
    {
        $kinds = [];
        foreach ($this->noted as $id => $finding) {
            if ($finding->section === $section && ! isset($this->closed[$id])) {
                $kinds[] = new OpenFinding($finding->what->kind, $finding->what->isSpot, $finding->what->sizeMm);
            }
        }

        return $kinds;
    }

    /** A growth, a hot spot or pain at a section was noted since somebody last minded what is there. */
    public function wantsMindingAt(Section $section): bool
    {
        $here = array_filter($this->noted, fn(Mark $finding): bool => $finding->section === $section);
        $open = array_diff_key(
            [
                ...($this->carried[$section->value] ?? []),
                ...array_map(fn(Mark $noted): OpenFinding => new OpenFinding($noted->what->kind, $noted->what->isSpot), $here),
            ],
            $this->closed,
            array_flip($this->minded[$section->value] ?? []),
        );

        return array_filter($open, fn(OpenFinding $finding): bool => $finding->kind->isMinded()) !== [];
    }

    /** @return array<string, \DateTimeImmutable> when something was last found in a whole place on this visit, by section id */
    public function lastFoundAt(): array
    {
        $last = [];
        foreach ($this->noted as $finding) {
            if ($finding->section !== null && ! $finding->what->isSpot) {
                $last[$finding->section->value] = max($finding->at, $last[$finding->section->value] ?? $finding->at);
            }
        }

        return $last;
    }
}

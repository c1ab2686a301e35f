<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Table\Marks\RakePassed;
use HoundCheck\Core\Table\Marks\TableCombed;

/** What was done at one section of the table so far. */
final readonly class SectionRun
{
    /**
     * @param list<int> $lines done since the comb last stopped here, each once, rising
     * @param int $linesSinceMist lines brushed since the coat was misted
     * @param Recorded<TableCombed>|null $comb the latest comb check at the table
     * @param float|null $clippedMm length left, where the latest that happened here was a clip
     * @param \DateTimeImmutable|null $doneAt the comb passed, or the section is clipped
     * @param list<WorkedMat> $mats
     * @param list<Recorded<RakePassed>> $passes
     */
    public function __construct(
        public array $lines = [],
        public int $linesSinceMist = 0,
        public ?Recorded $comb = null,
        public ?float $clippedMm = null,
        public ?\DateTimeImmutable $doneAt = null,
        public ?string $doneBy = null,
        public array $mats = [],
        public array $passes = [],
        public float $seconds = 0.0,
        public float $lineSeconds = 0.0,
    ) {}

    public function isDone(): bool
    {
        return $this->doneAt !== null;
    }

    /** At the table a section passes when the comb glides from the skin to the tip and the skin line is clear. */
    public static function passes(CombCheck $check): bool
    {
        return (new Grader)->grade($check)->grade === Grade::Clear;
    }

    /** The comb stopped or could not enter: the place is graded anew and goes back to be worked. */
    public static function sendsBack(CombCheck $check): bool
    {
        return (new Grader)->grade($check)->grade?->isMatted() === true;
    }

    /** Grade by the latest comb check at the table; null before one. */
    public function grade(): ?Grade
    {
        return $this->comb === null ? null : (new Grader)->grade($this->comb->what->check)->grade;
    }

    /** Closes of a thinning shear so far. */
    public function closes(): int
    {
        return array_sum(array_map(fn(WorkedMat $mat): int => $mat->closes, $this->mats));
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Kinds\KnotFelt;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** What hands and comb found on the way round the dog. */
final readonly class Combed
{
    /** Five minutes: by then something else was done. */
    private const PAUSE_SECONDS = 300.0;

    /**
     * @param Weighing $weighing answers of devices that did not see one another, the second comb's included
     * @param array<string, Mark<CombChecked>> $checks the latest by section id
     * @param array<string, string> $felt id of the mark, by section id where a hand felt something before the comb
     * @param array<string, Mark<GradeJudged>> $judged the groomer's own grade, the latest by section id
     * @param list<float> $times of all comb checks as the hand made them, withdrawn ones too, in unix seconds
     */
    public function __construct(
        private Weighing $weighing,
        public array $checks = [],
        public array $felt = [],
        public array $judged = [],
        private array $times = [],
    ) {}

    /**
     * @param Mark<Payload> $mark
     * @param int $number in the visit, from 1
     */
    public function weighed(Mark $mark, int $number): self
    {
        $weighing = $this->weighing->after($mark, $number);

        return $weighing === $this->weighing ? $this : $this->with(weighing: $weighing);
    }

    /**
     * @param Mark<Payload> $mark the latest
     *
     * @return Mark<Payload> the answer that counts at its place: itself, or a worse one that it had not seen
     */
    public function stands(Mark $mark): Mark
    {
        return $this->weighing->stands($mark);
    }

    /** @return array<string, TwoAnswers> by section id, where one touch has to decide */
    public function twoAnswers(): array
    {
        return $this->weighing->undecided();
    }

    /**
     * @param Mark<Payload> $mark
     * @param Mark<Payload> $stands the answer that counts where it was made: itself, or a worse one that it had not seen
     */
    public function after(Mark $mark, Mark $stands): self
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;

        return match (true) {
            $what instanceof CombChecked => $this->heard($mark)->standing($stands),
            $what instanceof KnotFelt => $this->with(felt: $this->felt + [$id => $mark->id]),
            $what instanceof GradeJudged => $this->with(judged: [...$this->judged, $id => $stands->of(GradeJudged::class)]),
            default => $this,
        };
    }

    /**
     * What counts at a place, where that is a check of the inspection.
     *
     * @param Mark<Payload> $stands
     */
    public function standing(Mark $stands): self
    {
        return $stands->what instanceof CombChecked && $stands->section !== null
            ? $this->with(checks: [...$this->checks, $stands->section->value => $stands->of(CombChecked::class)])
            : $this;
    }

    /** @param Mark<Payload> $mark that does not count, or not yet: the comb was drawn all the same */
    public function heard(Mark $mark): self
    {
        return $mark->what instanceof CombChecked
            ? $this->with(times: [...$this->times, (float) $mark->at->format('U.v')])
            : $this;
    }

    /** Seconds of the comb round the dog, from the first check to the last. A long gap between two is a pause, and does not count. */
    public function seconds(): float
    {
        $times = $this->times;
        sort($times);
        $seconds = 0.0;
        for ($index = 1; $index < count($times); $index++) {
            $gap = $times[$index] - $times[$index - 1];
            $seconds += $gap <= self::PAUSE_SECONDS ? $gap : 0.0;
        }

        return $seconds;
    }

    /**
     * Nothing of it is ever taken away.
     *
     * @param array<string, Mark<CombChecked>>|null $checks
     * @param array<string, string>|null $felt
     * @param array<string, Mark<GradeJudged>>|null $judged
     * @param list<float>|null $times
     */
    private function with(
        ?Weighing $weighing = null,
        ?array $checks = null,
        ?array $felt = null,
        ?array $judged = null,
        ?array $times = null,
    ): self {
        return new self(
            $weighing ?? $this->weighing,
            $checks ?? $this->checks,
            $felt ?? $this->felt,
            $judged ?? $this->judged,
            $times ?? $this->times,
        );
    }
}

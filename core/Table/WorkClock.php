<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Table\Marks\BathCleared;
use HoundCheck\Core\Table\Marks\BathStepped;
use HoundCheck\Core\Table\Marks\Clipped;
use HoundCheck\Core\Table\Marks\LineDone;
use HoundCheck\Core\Table\Marks\MatParked;
use HoundCheck\Core\Table\Marks\MatTaken;
use HoundCheck\Core\Table\Marks\MatWorked;
use HoundCheck\Core\Table\Marks\Paused;
use HoundCheck\Core\Table\Marks\Resumed;
use HoundCheck\Core\Table\Marks\SectionTaken;
use HoundCheck\Core\Table\Marks\TableCombed;

/**
 * Minutes of the hands at each section, line and mat, pauses left out.
 *
 * Marks may arrive late and out of order from several devices; the clocks follow the times of the hand.
 */
final class WorkClock
{
    /** @var array<string, float> seconds by section id */
    public array $sections = [];

    /** @var array<string, float> seconds on the line in hand, by section id */
    public array $lines = [];

    /** @var array<string, float> seconds by the id of the mark that took the mat in hand */
    public array $mats = [];

    public float $seconds = 0.0;

    public ?Section $current = null;

    public bool $paused = false;

    private ?string $mat = null;

    private ?float $last = null;

    private function __construct() {}

    /** @param list<Recorded<Payload>> $marks at the table, in any order */
    public static function of(array $marks): self
    {
        $clock = new self;
        usort($marks, fn(Recorded $one, Recorded $other): int => $one->at <=> $other->at);
        foreach ($marks as $mark) {
            $clock->runTo((float) $mark->at->format('U.v'));
            $clock->take($mark);
        }

        return $clock;
    }

    private function runTo(float $time): void
    {
        if ($this->last !== null && $this->current !== null && ! $this->paused) {
            $id = $this->current->value;
            $gap = $time - $this->last;
            $this->seconds += $gap;
            $this->sections[$id] = ($this->sections[$id] ?? 0.0) + $gap;
            $this->lines[$id] = ($this->lines[$id] ?? 0.0) + $gap;
            if ($this->mat !== null) {
                $this->mats[$this->mat] = ($this->mats[$this->mat] ?? 0.0) + $gap;
            }
        }
        $this->last = $time;
    }

    /** @param Recorded<Payload> $mark */
    private function take(Recorded $mark): void
    {
        $what = $mark->what;
        if ($what instanceof Paused || $what instanceof Resumed) {
            $this->paused = $what instanceof Paused;

            return;
        }
        if ($what instanceof BathCleared || $what instanceof BathStepped) {
            $this->letGo();

            return;
        }
        $handsOn = $what instanceof SectionTaken || $what instanceof LineDone || $what instanceof TableCombed || $what instanceof Clipped || $what instanceof MatTaken;
        if ($handsOn && $mark->section !== null) {
            $this->turnTo($mark->section);
        }
        match (true) {
            $what instanceof LineDone => $this->newLine($mark->section),
            $what instanceof TableCombed => SectionRun::passes($what->check) ? $this->letGo() : $this->newLine($mark->section),
            $what instanceof Clipped => $this->letGo(),
            $what instanceof MatTaken => $this->mat = $mark->id,
            $what instanceof MatWorked, $what instanceof MatParked => $this->mat = null,
            default => null,
        };
    }

    /** Hands on another section, or on again after a pause nobody ended. */
    private function turnTo(Section $section): void
    {
        $this->paused = false;
        if ($this->current !== $section) {
            $this->mat = null;
            $this->current = $section;
            $this->lines[$section->value] = 0.0;
        }
    }

    private function newLine(?Section $section): void
    {
        $this->lines[(string) $section?->value] = 0.0;
    }

    private function letGo(): void
    {
        $this->current = null;
        $this->mat = null;
    }
}

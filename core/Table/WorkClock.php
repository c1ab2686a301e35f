<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/**
 * Minutes of the hands at each section, line and mat, pauses left out.
 *
 * Marks may arrive late and out of order from several devices; the clock follows the times of the hand. A silence longer
 * than five minutes is not work: something else was done, or nobody paused. With a mat in hand a part of it counts as
 * pulling all the same, since the hands said that they were on it.
 */
final class WorkClock
{
    public const SILENCE_SECONDS = 300.0;

    public const SILENCE_WITH_A_MAT_SECONDS = 600.0;

    /** @var array<string, float> seconds by section id */
    public array $sections = [];

    /** @var array<string, float> seconds on the line in hand, by section id */
    public array $lines = [];

    /** @var array<string, float> seconds by the id of the mark that took the mat in hand */
    public array $mats = [];

    public float $seconds = 0.0;

    /** Where the hands were by their own time; what counts as in hand now is the run's, by the order of arrival. */
    private InHand $hands;

    private ?HandsAt $mat = null;

    private ?float $last = null;

    /** @var list<HandsAt> in the order of arrival */
    private array $times = [];

    public function __construct()
    {
        $this->hands = new InHand;
    }

    /** @param Mark<Payload> $mark of the table or after it; one of an earlier time is put in its place */
    public function after(Mark $mark): self
    {
        $next = clone $this;
        $next->take($mark);

        return $next;
    }

    /** @param Mark<Payload> $mark */
    private function take(Mark $mark): void
    {
        $at = HandsAt::of($mark);
        $this->times[] = $at;
        if ($at->seconds < ($this->last ?? -INF)) {
            $this->again();
        } else {
            $this->go($at);
        }
    }

    /** Seconds of work at the section in hand until a time after the last mark. */
    public function secondsAt(Section $section, \DateTimeImmutable $until): float
    {
        $gap = (float) $until->format('U.u') - ($this->last ?? INF);

        return ($this->sections[$section->value] ?? 0.0) + ($gap > 0.0 && $gap <= self::SILENCE_SECONDS ? $gap : 0.0);
    }

    private function again(): void
    {
        $this->sections = $this->lines = $this->mats = [];
        $this->seconds = 0.0;
        $this->mat = $this->last = null;
        $this->hands = new InHand;
        $byTime = $this->times;
        usort($byTime, fn(HandsAt $one, HandsAt $other): int => $one->seconds <=> $other->seconds);
        array_map($this->go(...), $byTime);
    }

    private function go(HandsAt $at): void
    {
        $this->runTo($at->seconds);
        $this->turn($at);
    }

    private function runTo(float $time): void
    {
        if ($this->last !== null && $this->hands->section !== null && ! $this->hands->paused) {
            $id = $this->hands->section->value;
            $gap = $time - $this->last;
            $worked = $gap > self::SILENCE_SECONDS ? 0.0 : $gap;
            $this->seconds += $worked;
            $this->sections[$id] = ($this->sections[$id] ?? 0.0) + $worked;
            $this->lines[$id] = ($this->lines[$id] ?? 0.0) + $worked;
            $mat = $this->mat?->takesMat;
            if ($mat !== null) {
                $this->mats[$mat] = ($this->mats[$mat] ?? 0.0) + min($gap, self::SILENCE_WITH_A_MAT_SECONDS);
            }
        }
        $this->last = $time;
    }

    private function turn(HandsAt $at): void
    {
        $before = $this->hands->section;
        $this->hands = $this->hands->turned($at->turn, $at->section);
        $section = $this->hands->section;
        if ($section !== $before) {
            $this->mat = null;
        }
        if ($section !== null && ($section !== $before || $at->endsALine)) {
            $this->lines[$section->value] = 0.0;
        }
        if ($at->takesMat !== null) {
            $this->mat = $at;
        } elseif ($at->endsAMat && $at->section === $this->mat?->section) {
            $this->mat = null;
        }
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Kinds\Paused;
use HoundCheck\Core\Marks\Kinds\PostureTaken;
use HoundCheck\Core\Marks\Kinds\RestBegan;
use HoundCheck\Core\Marks\Kinds\Resumed;
use HoundCheck\Core\Marks\Kinds\SignedOff;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Trail;
use HoundCheck\Core\Marks\Words\Posture;

/**
 * Minutes on its feet: through table, bath, dryer and finish, by the times of the hand. Lying stops the clock, and so does
 * a pause; a rest of the house's length begins it anew, a shorter one does not.
 *
 * Under the dryer hands are long at one area without a mark: only a gap of more than half an hour is nobody's work.
 */
final class FeetClock
{
    public const SILENCE_SECONDS = 1800.0;

    /** Clocks of two tablets differ a little. */
    private const NOTHING_SECONDS = 1.0;

    private Posture $posture = Posture::Stands;

    private float $seconds = 0.0;

    private float $wholeSeconds = 0.0;

    private int $rests = 0;

    private ?\DateTimeImmutable $restingSince = null;

    private bool $paused = false;

    /** Work on the dog has begun, and is not signed off. */
    private bool $runs = false;

    private ?\DateTimeImmutable $last = null;

    private Trail $marks;

    /** @param float $restMinutes of one rest */
    public function __construct(private readonly float $restMinutes)
    {
        $this->marks = Trail::none();
    }

    /** @param Mark<Payload> $mark of any kind; one of an earlier time is put in its place */
    public function after(Mark $mark): self
    {
        $next = clone $this;
        $next->take($mark);

        return $next;
    }

    /** @param Mark<Payload> $mark */
    private function take(Mark $mark): void
    {
        if (! $mark->declared->isFromTheTableOn()) {
            return;
        }
        $this->marks = $this->marks->with($mark);
        if ($this->last !== null && $mark->at < $this->last) {
            $this->again();
        } else {
            $this->go($mark);
        }
    }

    public function stands(): OnItsFeet
    {
        $runs = $this->runs && ! $this->paused && $this->restingSince === null && $this->posture === Posture::Stands;

        return new OnItsFeet(
            $this->posture,
            $this->seconds,
            $this->wholeSeconds,
            $this->rests,
            $this->restingSince,
            $runs ? $this->last : null,
        );
    }

    private function again(): void
    {
        $this->posture = Posture::Stands;
        $this->seconds = $this->wholeSeconds = 0.0;
        $this->rests = 0;
        $this->restingSince = $this->last = null;
        $this->paused = $this->runs = false;
        array_map($this->go(...), $this->marks->byTime());
    }

    /** @param Mark<Payload> $mark */
    private function go(Mark $mark): void
    {
        $this->runTo($mark->at);
        $what = $mark->what;
        $this->runs = match (true) {
            $what instanceof SignedOff, $mark->declared->phase === Phase::End => false,
            default => $this->runs || $mark->declared->handsOn,
        };
        if ($this->restingSince !== null && ($mark->declared->handsOn || $what instanceof Resumed) && ! $what instanceof Paused) {
            $this->endRest($mark->at);
        }
        match (true) {
            $what instanceof RestBegan => $this->restingSince ??= $mark->at,
            $what instanceof PostureTaken => $this->posture = $what->posture,
            $what instanceof Paused => $this->paused = true,
            $mark->declared->handsOn => $this->paused = false,
            default => null,
        };
    }

    private function runTo(\DateTimeImmutable $at): void
    {
        if ($this->last !== null && $this->stands()->runsFrom !== null) {
            $gap = (float) $at->format('U.u') - (float) $this->last->format('U.u');
            $stood = $gap > self::SILENCE_SECONDS ? 0.0 : $gap;
            $this->seconds += $stood;
            $this->wholeSeconds += $stood;
        }
        $this->last = $at;
    }

    private function endRest(\DateTimeImmutable $at): void
    {
        $rested = (float) $at->format('U.u') - (float) $this->restingSince?->format('U.u');
        if ($rested + self::NOTHING_SECONDS >= $this->restMinutes * 60) {
            $this->seconds = 0.0;
            $this->rests++;
        }
        $this->restingSince = null;
    }
}

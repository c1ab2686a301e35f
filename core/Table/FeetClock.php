<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
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

    private ?float $restingSince = null;

    private bool $paused = false;

    /** Work on the dog has begun, and is not signed off. */
    private bool $runs = false;

    private ?float $last = null;

    /** @var list<FeetAt> in the order of arrival */
    private array $times = [];

    /** @param float $restMinutes of one rest */
    public function __construct(private readonly float $restMinutes) {}

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
        $at = FeetAt::of($mark);
        $this->times[] = $at;
        if ($this->last !== null && $at->seconds < $this->last) {
            $this->again();
        } else {
            $this->go($at);
        }
    }

    public function stands(): OnItsFeet
    {
        return new OnItsFeet(
            $this->posture,
            $this->seconds,
            $this->wholeSeconds,
            $this->rests,
            self::time($this->restingSince),
            $this->isOnItsFeet() ? self::time($this->last) : null,
        );
    }

    /** @param float|null $seconds since 1970 */
    private static function time(?float $seconds): ?\DateTimeImmutable
    {
        return $seconds === null ? null : new \DateTimeImmutable(sprintf('@%.6F', $seconds), new \DateTimeZone('UTC'));
    }

    private function again(): void
    {
        $this->posture = Posture::Stands;
        $this->seconds = $this->wholeSeconds = 0.0;
        $this->rests = 0;
        $this->restingSince = $this->last = null;
        $this->paused = $this->runs = false;
        $byTime = $this->times;
        usort($byTime, fn(FeetAt $one, FeetAt $other): int => $one->seconds <=> $other->seconds);
        array_map($this->go(...), $byTime);
    }

    private function go(FeetAt $at): void
    {
        $this->runTo($at->seconds);
        $this->runs = ! $at->ends && ($this->runs || $at->handsOn);
        if ($this->restingSince !== null && $at->endsARest) {
            $this->endRest($at->seconds);
        }
        if ($at->rests) {
            $this->restingSince ??= $at->seconds;
        } elseif ($at->posture !== null) {
            $this->posture = $at->posture;
        } elseif ($at->pauses || $at->handsOn) {
            $this->paused = $at->pauses;
        }
    }

    private function runTo(float $seconds): void
    {
        if ($this->last !== null && $this->isOnItsFeet()) {
            $gap = $seconds - $this->last;
            $stood = $gap > self::SILENCE_SECONDS ? 0.0 : $gap;
            $this->seconds += $stood;
            $this->wholeSeconds += $stood;
        }
        $this->last = $seconds;
    }

    private function endRest(float $seconds): void
    {
        if ($seconds - $this->restingSince + self::NOTHING_SECONDS >= $this->restMinutes * 60) {
            $this->seconds = 0.0;
            $this->rests++;
        }
        $this->restingSince = null;
    }

    private function isOnItsFeet(): bool
    {
        return $this->runs && ! $this->paused && $this->restingSince === null && $this->posture === Posture::Stands;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** One run of a day while it runs, in lists by place: made and used up by `DayRun`. */
final class RunningDay
{
    /** Minutes within which times are one instant. */
    private const INSTANT = 0.000001;

    private const DRYER = 3;

    /** @var array<int, int> the step that is next or being done, by dog */
    private array $next;

    /** @var array<int, float> by dog that is in a step: when it ends */
    private array $ends = [];

    /** @var array<int, int> by dog that is in a groomer's hands: whose */
    private array $hands = [];

    /** @var array<int, bool> by groomer */
    private array $busy;

    /** @var array<int, int> dogs with a step left, as far as nobody has them, by place */
    private array $idle = [];

    /** @var array<int, float|null> by dog */
    private array $ready;

    /** @var array<int, bool> by dog */
    private array $begun;

    /** @var array<int, float> dog-minutes for hands, table, tub, dryer */
    private array $waited = [0.0, 0.0, 0.0, 0.0];

    /** @var list<array{float, int, int, int}> */
    private array $starts = [];

    /**
     * @param list<list<int>> $stations of each step, by dog: 1 table, 2 tub, 3 dryer, 0 none
     * @param list<list<float>> $latest the minute by which each step should begin, by dog
     * @param array<int, int> $ownGroomer by dog; −1: nobody's
     * @param list<float> $arrives by dog
     * @param list<float> $from on duty, by groomer
     * @param list<float> $until
     * @param array<int, list<array{float, float}>> $breaks from and until, by groomer who has any
     * @param array<int, int> $free places, by station
     * @param list<list<float>> $minutes of each step, by dog
     */
    public function __construct(
        private readonly array $stations,
        private readonly array $latest,
        private array $ownGroomer,
        private readonly array $arrives,
        private readonly array $from,
        private readonly array $until,
        private readonly array $breaks,
        private array $free,
        private readonly array $minutes,
    ) {
        $dogs = count($stations);
        $this->next = array_fill(0, $dogs, 0);
        $this->ready = array_fill(0, $dogs, null);
        $this->begun = array_fill(0, $dogs, false);
        $this->busy = array_fill(0, count($from), false);
        foreach ($stations as $dog => $steps) {
            $this->idle[$dog] = $dog;
        }
    }

    /** @param list<int> $inHand dogs whose first step goes on at the start */
    public function from(float $now, array $inHand): DayOutcome
    {
        foreach ($inHand as $dog) {
            $this->goOn($dog, $now);
        }
        while (true) {
            $this->end($now);
            $this->answer($now);
            $this->begin($now);
            $then = $this->nextInstant($now);
            if ($then === INF) {
                return new DayOutcome($this->ready, $this->begun, $this->waited, $this->starts);
            }
            $this->wait($now, $then);
            $now = $then;
        }
    }

    private function goOn(int $dog, float $now): void
    {
        $groomer = $this->ownGroomer[$dog];
        if ($this->stations[$dog][0] === 0) {
            return;
        }
        // Whoever has it in hand is with it, whether on duty by the list or not.
        if ($groomer >= 0 && $groomer < count($this->busy) && ! $this->busy[$groomer]) {
            $this->take($groomer, $dog, $now);
        }
    }

    private function end(float $now): void
    {
        foreach ($this->ends as $dog => $end) {
            if ($end > $now + self::INSTANT) {
                continue;
            }
            unset($this->ends[$dog]);
            if (isset($this->hands[$dog])) {
                $this->busy[$this->hands[$dog]] = false;
                $this->free[$this->stations[$dog][$this->next[$dog]]]++;
                unset($this->hands[$dog]);
            }
            if (++$this->next[$dog] === count($this->stations[$dog])) {
                $this->ready[$dog] = $end;
            } else {
                $this->idle[$dog] = $dog;
            }
        }
    }

    private function answer(float $now): void
    {
        foreach ($this->idle as $dog) {
            if ($this->stations[$dog][$this->next[$dog]] === 0 && $this->arrives[$dog] <= $now + self::INSTANT) {
                unset($this->idle[$dog]);
                $this->begun[$dog] = true;
                $this->ends[$dog] = $now + $this->minutes[$dog][$this->next[$dog]];
            }
        }
    }

    private function begin(float $now): void
    {
        foreach ($this->busy as $groomer => $busy) {
            if (
                $busy || $this->from[$groomer] > $now + self::INSTANT || $this->until[$groomer] <= $now + self::INSTANT
                || isset($this->breaks[$groomer]) && $this->isAway($groomer, $now)
            ) {
                continue;
            }
            $dog = $this->due($groomer, $now);
            if ($dog >= 0) {
                $this->take($groomer, $dog, $now);
            }
        }
    }

    private function isAway(int $groomer, float $now): bool
    {
        foreach ($this->breaks[$groomer] as [$from, $until]) {
            if ($from <= $now + self::INSTANT && $until > $now + self::INSTANT) {
                return true;
            }
        }

        return false;
    }

    /** The dog that a groomer begins with; −1: none. */
    private function due(int $groomer, float $now): int
    {
        $first = -1;
        $least = INF;
        $dries = false;
        foreach ($this->idle as $dog) {
            $owner = $this->ownGroomer[$dog];
            if ($owner !== -1 && $owner !== $groomer || $this->arrives[$dog] > $now + self::INSTANT) {
                continue;
            }
            $next = $this->next[$dog];
            $station = $this->stations[$dog][$next];
            if ($station === 0 || $this->free[$station] === 0 || $dries && $station !== self::DRYER) {
                continue;
            }
            $latest = $this->latest[$dog][$next];
            $before = $station === self::DRYER && ! $dries;
            if ($first === -1 || $before || $latest < $least || $latest === $least && $dog < $first) {
                $first = $dog;
                $least = $latest;
                $dries = $station === self::DRYER;
            }
        }

        return $first;
    }

    private function take(int $groomer, int $dog, float $now): void
    {
        $step = $this->next[$dog];
        $this->busy[$groomer] = true;
        $this->hands[$dog] = $groomer;
        $this->free[$this->stations[$dog][$step]]--;
        $this->ends[$dog] = $now + $this->minutes[$dog][$step];
        $this->ownGroomer[$dog] = $groomer;
        $this->begun[$dog] = true;
        $this->starts[] = [$now, $groomer, $dog, $step];
        unset($this->idle[$dog]);
    }

    /** When something changes next: a step ends, a dog arrives, a groomer comes, also from a break; INF: never. */
    private function nextInstant(float $now): float
    {
        $then = $this->ends === [] ? INF : min($this->ends);
        foreach ($this->idle as $dog) {
            $at = $this->arrives[$dog];
            if ($at > $now + self::INSTANT && $at < $then) {
                $then = $at;
            }
        }
        if ($this->idle !== []) {
            foreach ($this->from as $at) {
                if ($at > $now + self::INSTANT && $at < $then) {
                    $then = $at;
                }
            }
            foreach ($this->breaks as $of) {
                foreach ($of as [, $at]) {
                    if ($at > $now + self::INSTANT && $at < $then) {
                        $then = $at;
                    }
                }
            }
        }

        return max($then, $now);
    }

    private function wait(float $now, float $then): void
    {
        foreach ($this->idle as $dog) {
            if ($this->arrives[$dog] <= $now + self::INSTANT) {
                $station = $this->stations[$dog][$this->next[$dog]];
                $this->waited[$this->free[$station] === 0 ? $station : 0] += $then - $now;
            }
        }
    }
}

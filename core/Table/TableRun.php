<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Kinds\HeldPlaceSettled;
use HoundCheck\Core\Marks\Kinds\MatParked;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\Reacted;
use HoundCheck\Core\Marks\Kinds\Waived;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\OpenedWith;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Marks\Words\Signal;

/** A brush-out as it stands: the fold of its marks. */
final readonly class TableRun
{
    /** Until when the clocks are counted: the last mark of the table or after it; null: the run has not begun. */
    public ?\DateTimeImmutable $lastAt;

    /**
     * @param \DateTimeImmutable|null $startedAt the first mark at the table
     * @param \DateTimeImmutable|null $touchedAt the last mark of the table or after it, whether it has begun or not
     * @param BySection<SectionLedger> $ledgers of those that were combed or touched
     * @param array<string, Mark<MatParked>> $parked by mark id, those still to do
     * @param list<Mark<Reacted>> $reactions
     * @param array<string, Mark<Waived>> $waivers before the bath, by section id
     * @param array<string, Mark<HeldPlaceSettled>> $settled how the bath goes round a place that is left alone, by section id
     * @param array<string, OpenedWith> $openedWith what opened the mats, by section id
     * @param Mark<MatTaken>|null $mat in hand
     */
    public function __construct(
        public RunScope $scope,
        public ?\DateTimeImmutable $startedAt,
        public ?\DateTimeImmutable $touchedAt,
        public BySection $ledgers,
        public array $parked,
        public array $reactions,
        public array $waivers,
        public array $settled,
        public array $openedWith,
        public ?Mark $mat,
        public InHand $hands,
        public WorkClock $clock,
    ) {
        $this->lastAt = $startedAt === null ? null : $touchedAt;
    }

    public static function notStarted(): self
    {
        return new self(RunScope::WholeCoat, null, null, BySection::of([]), [], [], [], [], [], null, new InHand, new WorkClock);
    }

    /**
     * @param Mark<Payload> $mark of the table or after it
     * @param bool $isOutweighed a worse answer, which it had not seen, stands there
     */
    public function after(Mark $mark, Asking $asking, bool $isOutweighed = false): self
    {
        return (new RunStep($this, $asking))->take($mark, $isOutweighed);
    }

    /** What was worked until now was worked as it was planned until now. */
    public function workedUntil(\DateTimeImmutable $until, Asking $asking): self
    {
        return (new RunStep($this, $asking))->workedUntil($until);
    }

    public function with(Section $section, SectionLedger $ledger): self
    {
        return new self(
            $this->scope,
            $this->startedAt,
            $this->touchedAt,
            $this->ledgers->with($section, $ledger),
            $this->parked,
            $this->reactions,
            $this->waivers,
            $this->settled,
            $this->openedWith,
            $this->mat,
            $this->hands,
            $this->clock,
        );
    }

    public function hasBegun(): bool
    {
        return $this->startedAt !== null;
    }

    public function at(Section $section): SectionLedger
    {
        return $this->ledgers->at($section) ?? new SectionLedger;
    }

    /** The section in hand. */
    public function current(): ?Section
    {
        return $this->hands->section;
    }

    /** Hands off. */
    public function isPaused(): bool
    {
        return $this->hands->paused;
    }

    /** Seconds of work at the table until the last mark, pauses and silences left out. */
    public function seconds(): float
    {
        return $this->clock->seconds;
    }

    public function secondsAt(Section $section): float
    {
        return $this->clock->sections[$section->value] ?? 0.0;
    }

    /** Seconds on the line in hand. */
    public function lineSecondsAt(Section $section): float
    {
        return $this->clock->lines[$section->value] ?? 0.0;
    }

    public function matSeconds(string $takenId): float
    {
        return $this->clock->mats[$takenId] ?? 0.0;
    }

    /** Tension minutes of all work so far. */
    public function borneMinutes(): float
    {
        return array_sum($this->ledgers->map(fn(SectionLedger $ledger): float => $ledger->work()->tensionMinutes)->byId());
    }

    /** It ended with mouthing or a snap: at its next visit the dog is wary, until one calm one. */
    public function leavesWary(): bool
    {
        $last = $this->reactions[count($this->reactions) - 1] ?? null;

        return in_array($last?->what->signal, [Signal::Mouths, Signal::Snaps], true);
    }

    public function snapped(): bool
    {
        return array_filter($this->reactions, fn(Mark $reaction): bool => $reaction->what->signal === Signal::Snaps) !== [];
    }

    /** @return list<Section> passed or clipped */
    public function done(): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => $this->at($section)->isDone()));
    }
}

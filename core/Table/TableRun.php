<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Table\Marks\MatParked;
use HoundCheck\Core\Table\Marks\Reacted;
use HoundCheck\Core\Table\Marks\Waived;

/** A brush-out as it stands: the fold of its marks. */
final readonly class TableRun
{
    /**
     * @param \DateTimeImmutable|null $startedAt the first mark at the table
     * @param \DateTimeImmutable|null $lastAt the last mark at the table
     * @param Section|null $current the section in hand
     * @param bool $paused hands off
     * @param array<string, SectionRun> $sections by section id, those that were touched
     * @param array<string, Recorded<MatParked>> $parked by mark id, those still to do
     * @param list<Recorded<Reacted>> $reactions
     * @param array<string, Recorded<Waived>> $waivers before the bath, by section id
     * @param float $seconds of work at the table until the last mark, pauses left out
     */
    public function __construct(
        public RunScope $scope,
        public ?\DateTimeImmutable $startedAt,
        public ?\DateTimeImmutable $lastAt,
        public ?Section $current,
        public bool $paused,
        public array $sections,
        public array $parked,
        public array $reactions,
        public array $waivers,
        public ?MatInHand $mat,
        public float $seconds,
    ) {}

    /** @param array<string, Recorded<Waived>> $waivers a clear dog may go to the bath without a brush-out */
    public static function notStarted(array $waivers = []): self
    {
        return new self(RunScope::WholeCoat, null, null, null, false, [], [], [], $waivers, null, 0.0);
    }

    public function hasBegun(): bool
    {
        return $this->startedAt !== null;
    }

    public function at(Section $section): SectionRun
    {
        return $this->sections[$section->value] ?? new SectionRun;
    }

    public function snapped(): bool
    {
        return array_filter($this->reactions, fn(Recorded $reaction): bool => $reaction->what->signal === Signal::Snaps) !== [];
    }

    /** Whether the comb stopped somewhere, so that a place is graded anew. */
    public function wasGradedAnew(): bool
    {
        return array_filter($this->sections, fn(SectionRun $here): bool => $here->comb !== null && SectionRun::sendsBack($here->comb->what->check)) !== [];
    }

    /** @return list<Section> passed or clipped */
    public function done(): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => $this->at($section)->isDone()));
    }
}

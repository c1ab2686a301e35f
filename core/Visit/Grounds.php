<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Table\Marks\Clipped;
use HoundCheck\Core\Table\Marks\MatParked;
use HoundCheck\Core\Table\Marks\TableCombed;
use HoundCheck\Core\Table\Posture;
use HoundCheck\Core\Visit\Marks\NoteWritten;

/** What most marks at the table are held against, and what few of them change. */
final readonly class Grounds
{
    /**
     * @param list<Section> $held left alone until a vet has looked
     * @param list<Section> $later left for a later visit
     * @param list<Section> $toMind a growth, a hot spot or pain there has not been minded yet
     */
    private function __construct(
        public bool $inspected,
        public array $held,
        public array $toMind,
        public Effort $effort,
        public bool $liesOnItsBack,
        public array $later,
    ) {}

    public static function of(VisitReport $visit): self
    {
        return new self(
            $visit->atInspection->toCheck() === [],
            $visit->held,
            $visit->toMind,
            $visit->fromHere->effort,
            $visit->state->feet->posture === Posture::Back,
            $visit->state->later(),
        );
    }

    /**
     * Whether they stay as they are with one more mark.
     *
     * @param Mark<Payload> $mark
     */
    public static function stayWith(Mark $mark): bool
    {
        $what = $mark->what;

        $changes = $what instanceof TableCombed || $what instanceof Clipped || $what instanceof MatParked;

        return $what instanceof NoteWritten || ($mark->declared->phase === Phase::Table && ! $changes);
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Reach;
use HoundCheck\Core\Marks\Words\Posture;
use HoundCheck\Core\Visit\VisitReport;

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
            $visit->state->hands->feet->posture === Posture::Back,
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
        return $mark->declared->reach === Reach::Nowhere && $mark->declared->phase !== Phase::Bath;
    }
}

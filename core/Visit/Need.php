<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

/** What a dog waits for, in the order in which waiting hurts most: a client's answer holds up everything after it. */
enum Need: string
{
    case Answer = 'answer';
    case ShowPlan = 'show_plan';
    case Decide = 'decide';
    case FinishInspection = 'finish_inspection';
    case Inspection = 'inspection';
    case Work = 'work';
    case Nothing = 'nothing';

    /**
     * @param int $toCheck sections that still want the comb
     * @param int $undecided sections without a treatment
     */
    public static function of(Stage $stage, int $toCheck, int $undecided): self
    {
        return match (true) {
            $stage->isClosed() => self::Nothing,
            $stage === Stage::Arrived => self::Inspection,
            $toCheck > 0 => self::FinishInspection,
            $undecided > 0 => self::Decide,
            $stage === Stage::Inspecting => self::ShowPlan,
            $stage === Stage::Planned => self::Answer,
            default => self::Work,
        };
    }

    /** Place in the day's order, 0 first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}

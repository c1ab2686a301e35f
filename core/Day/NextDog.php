<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** Which dog is next for a groomer who is free, and why. */
final readonly class NextDog
{
    /** @param float|null $slack minutes until its promise beyond what is left to do; null: nothing is promised */
    private function __construct(
        public string $groomer,
        public string $dog,
        public Step $step,
        public NextReason $reason,
        public ?float $slack,
    ) {}

    /** @return list<self> for each groomer who would begin a step now */
    public static function of(PlannedDay $day): array
    {
        $run = new DayRun($day);
        $dogs = array_column($day->dogs, null, 'id');
        $next = [];
        foreach ($run->startsOf($run->atMedians()) as $start) {
            $dog = $dogs[$start->dog];
            if ($start->at > $day->start || $dog->inHand) {
                continue;
            }
            $slack = $dog->promised === null ? null : $dog->promised - $start->at - $dog->minutesLeft();
            $next[] = new self($start->groomer, $dog->id, $start->step, match (true) {
                $start->step === Step::Dry => NextReason::ToBeDried,
                $dog->isNext => NextReason::Decided,
                $slack === null => NextReason::NobodyElse,
                default => NextReason::LeastSlack,
            }, $slack);
        }

        return $next;
    }
}

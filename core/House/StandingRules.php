<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Minutes on its feet: a trade's rules of thumb, starting values that a salon edits. */
final readonly class StandingRules
{
    /**
     * @param array<string, float> $byAge minutes before a rest, by age group
     * @param array<string, float> $byHealth the same by health fact, where one shortens it
     * @param float $firstGroomMinutes the same for a dog that was never groomed
     * @param float $restMinutes of one rest
     * @param array<string, float> $inOneVisit minutes on its feet in one visit altogether, by age group: over it a groomer says why
     * @param array<string, float> $inOneVisitByHealth the same by health fact, where one shortens it
     */
    public function __construct(
        public array $byAge = ['young_puppy' => 15.0, 'puppy' => 30.0, 'adult' => 60.0, 'senior' => 30.0, 'old_senior' => 20.0],
        public array $byHealth = ['joint_pain' => 20.0, 'short_nosed' => 30.0],
        public float $firstGroomMinutes = 20.0,
        public float $restMinutes = 5.0,
        public array $inOneVisit = ['young_puppy' => 45.0, 'puppy' => 75.0, 'adult' => 180.0, 'senior' => 120.0, 'old_senior' => 120.0],
        public array $inOneVisitByHealth = ['joint_pain' => 75.0, 'heart_or_airway' => 75.0, 'short_nosed' => 75.0],
    ) {}
}

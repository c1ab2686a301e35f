<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Everything a salon may set for itself. `shop()` gives the starting values. */
final readonly class HouseRules
{
    public function __construct(
        public EffortRates $effort = new EffortRates,
        public ToleranceRules $tolerance = new ToleranceRules,
        public PlanRules $plan = new PlanRules,
        public Kit $kit = new Kit,
        public Schools $schools = new Schools,
    ) {}

    public static function shop(): self
    {
        return new self;
    }

    /**
     * Reads what `toArray()` wrote; a value that is not there keeps its starting value.
     *
     * @param array<string, array<string, mixed>> $values
     */
    public static function fromArray(array $values): self
    {
        return new self(
            new EffortRates(...($values['effort'] ?? [])),
            new ToleranceRules(...($values['tolerance'] ?? [])),
            new PlanRules(...($values['plan'] ?? [])),
            new Kit(...($values['kit'] ?? [])),
            Schools::fromArray($values['schools'] ?? []),
        );
    }

    /** @return array<string, array<string, mixed>> */
    public function toArray(): array
    {
        return [
            'effort' => get_object_vars($this->effort),
            'tolerance' => get_object_vars($this->tolerance),
            'plan' => get_object_vars($this->plan),
            'kit' => get_object_vars($this->kit),
            'schools' => $this->schools->toArray(),
        ];
    }
}

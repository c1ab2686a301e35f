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
        public MattingRules $matting = new MattingRules,
        public PriceList $prices = new PriceList,
        public TableRules $table = new TableRules,
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
            new MattingRules(...($values['matting'] ?? [])),
            new PriceList(...($values['prices'] ?? [])),
            new TableRules(...($values['table'] ?? [])),
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
            'matting' => get_object_vars($this->matting),
            'prices' => get_object_vars($this->prices),
            'table' => get_object_vars($this->table),
        ];
    }

    /** @return array<string, mixed> every rule by its path, such as `effort.paceByCoat.curly`; lists stay whole */
    public function flat(): array
    {
        $flat = [];
        foreach ($this->toArray() as $chapter => $rules) {
            foreach ($rules as $name => $value) {
                if (! is_array($value) || array_is_list($value)) {
                    $flat["{$chapter}.{$name}"] = $value;

                    continue;
                }
                foreach ($value as $key => $row) {
                    $flat["{$chapter}.{$name}.{$key}"] = $row;
                }
            }
        }

        return $flat;
    }

    /**
     * @param array<string, mixed> $flat as `flat()` gives it
     *
     * @return array<string, array<string, mixed>> as `toArray()` gives it
     */
    public static function nested(array $flat): array
    {
        $nested = [];
        foreach ($flat as $path => $value) {
            [$chapter, $name, $key] = [...explode('.', $path), null];
            if ($key === null) {
                $nested[$chapter][$name] = $value;
            } else {
                $nested[$chapter][$name][$key] = $value;
            }
        }

        return $nested;
    }

    /**
     * What changed from these rules to others, in the order of the screen.
     *
     * @return array<string, array{before: mixed, after: mixed}> by path
     */
    public function changesTo(self $other): array
    {
        [$before, $after] = [$this->flat(), $other->flat()];
        $changes = [];
        foreach (array_keys(RuleFields::all()) as $path) {
            // Written down and read again, 15.0 is 15.
            if ($before[$path] !== $after[$path]) {
                $changes[$path] = ['before' => $before[$path], 'after' => $after[$path]];
            }
        }

        return $changes;
    }
}

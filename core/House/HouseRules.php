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
        public MemoryRules $memory = new MemoryRules,
        public PriceList $prices = new PriceList,
        public TableRules $table = new TableRules,
        public StandingRules $standing = new StandingRules,
        public DayRules $day = new DayRules,
    ) {}

    public static function shop(): self
    {
        return new self;
    }

    /**
     * Reads what `toArray()` wrote, of this version or an earlier one: a value that is not there keeps its starting value,
     * also for one coat or grade of a table, and a rule that is no more is passed over.
     *
     * @param array<string, array<string, mixed>> $values
     */
    public static function fromArray(array $values): self
    {
        $start = new self;

        return new self(
            new EffortRates(...self::known($values['effort'] ?? [], get_object_vars($start->effort))),
            new ToleranceRules(...self::known($values['tolerance'] ?? [], get_object_vars($start->tolerance))),
            new PlanRules(...self::known($values['plan'] ?? [], get_object_vars($start->plan))),
            new Kit(...self::known($values['kit'] ?? [], get_object_vars($start->kit))),
            Schools::fromArray($values['schools'] ?? []),
            new MemoryRules(...self::known($values['memory'] ?? [], get_object_vars($start->memory))),
            new PriceList(...self::known($values['prices'] ?? [], get_object_vars($start->prices))),
            new TableRules(...self::known($values['table'] ?? [], get_object_vars($start->table))),
            new StandingRules(...self::known($values['standing'] ?? [], get_object_vars($start->standing))),
            new DayRules(...self::known($values['day'] ?? [], get_object_vars($start->day))),
        );
    }

    /**
     * @param array<string, mixed> $stored
     * @param array<string, mixed> $start every rule there is, with its starting value
     *
     * @return array<string, mixed>
     */
    private static function known(array $stored, array $start): array
    {
        $known = array_intersect_key($stored, $start);
        foreach ($known as $rule => $value) {
            $table = $start[$rule];
            if (is_array($table) && ! array_is_list($table)) {
                $known[$rule] = array_replace($table, array_intersect_key(is_array($value) ? $value : [], $table));
            }
        }

        return $known;
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
            'memory' => get_object_vars($this->memory),
            'prices' => get_object_vars($this->prices),
            'table' => get_object_vars($this->table),
            'standing' => get_object_vars($this->standing),
            'day' => get_object_vars($this->day),
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

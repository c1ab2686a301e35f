<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\TreatmentKind;

/** One section's choices as the sums need them, in the order of tension. */
final readonly class Column
{
    /**
     * @param list<Option> $options in the order of tension
     * @param list<int> $keep the section's weight times what the option keeps, scaled
     * @param list<int> $tension scaled
     * @param list<int> $minutes scaled
     * @param list<float> $lengthsMm coat length in the end, after the option and the haircut
     * @param int $weight of the section, scaled
     */
    private function __construct(
        public Section $section,
        public array $options,
        public array $keep,
        public array $tension,
        public array $minutes,
        public array $lengthsMm,
        public int $weight,
    ) {}

    /** @param list<Option> $options at least one */
    public static function of(Section $section, array $options, CoatReport $report): self
    {
        // Least tension first; of equals the most kept, then the quickest, then the one higher in the table, the longer cutter.
        usort(
            $options,
            fn(Option $one, Option $other): int => [$one->tensionMinutes, $other->keepShare, $one->minutes]
                <=> [$other->tensionMinutes, $one->keepShare, $other->minutes]
                    ?: [self::row($one), $other->treatment->clipMm] <=> [self::row($other), $one->treatment->clipMm],
        );
        $weight = Scale::weight($report->case->weight($section, $report->rules->plan));

        return new self(
            $section,
            $options,
            array_map(fn(Option $option): int => Scale::kept($weight, Scale::ratio($option->keepShare)), $options),
            array_map(fn(Option $option): int => Scale::tension($option->tensionMinutes), $options),
            array_map(fn(Option $option): int => Scale::minutes($option->minutes), $options),
            array_map(fn(Option $option): float => $report->lengthInTheEndMm($section, $option->treatment), $options),
            $weight,
        );
    }

    /** Row of the table of treatments. */
    private static function row(Option $option): int
    {
        return (int) array_search($option->treatment->kind, TreatmentKind::cases(), true);
    }

    /**
     * The choices between two lengths that no other choice between them beats in every way.
     *
     * @param bool $minutesMatter whether a choice may be worth its place for its minutes alone
     *
     * @return Labels empty when nothing lies between; `picks` are indices into `options`
     */
    public function between(float $shortestMm, float $longestMm, bool $minutesMatter): Labels
    {
        $best = new Labels;
        foreach ($this->lengthsMm as $index => $length) {
            if ($length < $shortestMm || $length > $longestMm) {
                continue;
            }
            // By the order of the choices, whatever stands here already pulls no more.
            foreach ($best->keep as $better => $keep) {
                if ($keep >= $this->keep[$index] && (! $minutesMatter || $best->minutes[$better] <= $this->minutes[$index])) {
                    continue 2;
                }
            }
            $best->keep[] = $this->keep[$index];
            $best->tension[] = $this->tension[$index];
            $best->minutes[] = $this->minutes[$index];
            $best->parents[] = 0;
            $best->picks[] = $index;
        }

        return $best;
    }

    /** All choices, as if the coat did not count. */
    public function whateverItKeeps(): Labels
    {
        $none = array_fill(0, count($this->options), 0);

        return new Labels($none, $this->tension, $this->minutes, $none, array_keys($this->options));
    }

    public function leastTension(): int
    {
        return $this->tension === [] ? 0 : min($this->tension);
    }

    public function leastMinutes(): int
    {
        return $this->minutes === [] ? 0 : min($this->minutes);
    }

    public function mostMinutes(): int
    {
        return $this->minutes === [] ? 0 : max($this->minutes);
    }
}

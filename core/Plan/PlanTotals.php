<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Section;

/**
 * What a set of choices adds up to.
 *
 * coatKept: K = Σ wᵢ keepᵢ − Σ penalties, wᵢ = shareᵢ × seenᵢ × prizeᵢ over their sum; only when every section has a choice.
 * A group of sections that must match costs 0.5 × V × (1 − r) where r = shortest/longest length in the end is under 0.7,
 * V the group's part of the w.
 */
final readonly class PlanTotals
{
    /**
     * @param list<Section> $undecided graded sections with several ways and no choice
     * @param list<Section> $notOnOffer sections whose choice is no longer offered
     * @param list<Section> $beyondPermission sections clipped beyond what the client allowed on arrival
     */
    private function __construct(
        public Choices $choices,
        public float $minutes,
        public float $tensionMinutes,
        public float $matMinutes,
        public ?float $keepShare,
        public array $undecided,
        public array $notOnOffer,
        public array $beyondPermission,
        public bool $fitsSlot,
        public bool $fitsTolerance,
    ) {}

    /** Where nobody chose, hair that combs out is brushed and a lone way is taken. */
    public static function of(CoatReport $report, Choices $chosen): self
    {
        $taken = $undecided = $gone = $beyond = [];
        foreach ($report->options as $section => $options) {
            $choice = $chosen->for($section);
            $option = $choice === null ? $options->assumed() : $options->find($choice);
            if ($option === null && $options->isStuck()) {
                continue;
            }
            if ($option === null) {
                $choice === null ? $undecided[] = $section : $gone[] = $section;

                continue;
            }
            $taken[$section->value] = $option;
            if (
                $option->treatment->kind === TreatmentKind::Clip
                && ! $report->case->consent->allowsWithoutAsking($section, $report->rules->plan)
            ) {
                $beyond[] = $section;
            }
        }
        $minutes = array_sum(array_map(fn(Option $option): float => $option->minutes, $taken));
        $tension = array_sum(array_map(fn(Option $option): float => $option->tensionMinutes, $taken));

        return new self(
            Choices::of(array_map(fn(Option $option): Treatment => $option->treatment, $taken)),
            $minutes,
            $tension,
            array_sum(array_map(fn(Option $option): float => $option->matMinutes, $taken)),
            count($taken) === count(Section::cases()) ? self::coatKept($report, $taken) : null,
            $undecided,
            $gone,
            $beyond,
            $minutes <= $report->workingMinutes(),
            $tension <= $report->tolerance->minutes,
        );
    }

    /** Every section is graded and decided, and nothing is stuck. */
    public function isComplete(): bool
    {
        return $this->keepShare !== null;
    }

    /** @param array<string, Option> $taken all 30 */
    private static function coatKept(CoatReport $report, array $taken): float
    {
        $plan = $report->rules->plan;
        $weights = array_map(fn(Section $section): float => $report->case->weight($section, $plan), Section::cases());
        $whole = array_sum($weights);
        $kept = 0.0;
        $lengths = [];
        $groupWeights = array_fill_keys(array_column(EvenGroup::cases(), 'value'), 0.0);
        foreach (Section::cases() as $index => $section) {
            $option = $taken[$section->value];
            $weight = $weights[$index] / $whole;
            $kept += $weight * $option->keepShare;
            $group = $section->facts()->evenWith;
            if ($group !== null) {
                $groupWeights[$group->value] = $groupWeights[$group->value] + $weight;
                $lengths[$group->value][] = $report->lengthInTheEndMm($section, $option->treatment);
            }
        }
        foreach ($lengths as $group => $left) {
            $ratio = min($left) / max($left);
            $kept -= $ratio >= $plan->evenFrom ? 0.0 : $plan->unevenPenalty * $groupWeights[$group] * (1 - $ratio);
        }

        return $kept;
    }
}

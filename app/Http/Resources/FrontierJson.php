<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\Frontier\Frontier;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\Frontier\NamedPlan;
use HoundCheck\Core\Plan\Frontier\Shortfall;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\SectionOptions;

/** The frontier as the plan screen draws it: what each plan costs and keeps, and its choices in shorthand. */
final readonly class FrontierJson
{
    /** One character for each option of a section. */
    private const DIGITS = '0123456789abcdefghijklmnopqrstuvwxyz';

    /** @return array<string, mixed>|null null while no plan can be made */
    public static function of(OpenVisit $open): ?array
    {
        $report = $open->fromHere;
        if ($report->toCheck() !== [] || $report->stuck() !== []) {
            return null;
        }
        $wishes = $open->report->wishes();
        $solver = new FrontierSolver($report, $wishes);
        $frontier = $solver->feasible();
        $options = $report->options->map(fn(SectionOptions $offer): array => array_map(
            fn(Option $option): string => $option->treatment->code(),
            $offer->offered,
        ))->byId();
        $shortfall = $frontier->isEmpty() ? $solver->shortfall() : null;

        return [
            'sections' => array_keys($options),
            'options' => (object) $options,
            'plans' => array_map(fn(FrontierPlan $plan): array => self::plan($open, $plan, $options), $frontier->plans),
            ...self::named($frontier),
            'rows' => array_map(fn(NamedPlan $named): array => [
                'place' => (int) array_search($named->plan, $frontier->plans, true),
                'aims' => array_column($named->aims, 'value'),
            ], $frontier->named()),
            'unfixed' => $wishes->isNone() ? [] : self::outline(new FrontierSolver($report, new Wishes)),
            'shortfall' => $shortfall === null ? null : self::shortfall($open, $shortfall, $options),
            'several' => SeveralJson::of($open, $solver, $frontier),
        ];
    }

    /** @return list<array{keep: float, tension: float}> what the plans would keep and pull if nothing were fixed */
    private static function outline(FrontierSolver $solver): array
    {
        return array_map(
            fn(FrontierPlan $plan): array => ['keep' => $plan->keepShare, 'tension' => $plan->tensionMinutes],
            $solver->feasible()->plans,
        );
    }

    /** @return array{easiest: int|null, balanced: int|null, keepCoat: int|null} places of the named plans among the plans */
    private static function named(Frontier $frontier): array
    {
        $place = fn(?FrontierPlan $plan): ?int => $plan === null ? null : (int) array_search($plan, $frontier->plans, true);

        return [
            'easiest' => $place($frontier->easiest()),
            'balanced' => $place($frontier->balanced()),
            'keepCoat' => $place($frontier->keepsMost()),
        ];
    }

    /**
     * @param array<string, list<string>> $options treatment codes by section id
     *
     * @return array<string, mixed>
     */
    private static function plan(OpenVisit $open, FrontierPlan $plan, array $options): array
    {
        $picks = '';
        foreach ($options as $id => $codes) {
            $picks .= self::DIGITS[(int) array_search($plan->choices->for(Section::from($id))?->code(), $codes, true)];
        }

        return [
            'keep' => $plan->keepShare,
            'tension' => $plan->tensionMinutes,
            'minutes' => $plan->minutes,
            'priceCents' => $open->price($plan->choices)->totalCents,
            'regrowthWeeks' => PlanCostJson::regrowthWeeks($open, $plan->choices),
            'picks' => $picks,
        ];
    }

    /**
     * @param array<string, list<string>> $options
     *
     * @return array<string, mixed>
     */
    private static function shortfall(OpenVisit $open, Shortfall $shortfall, array $options): array
    {
        return [
            'tensionOver' => $shortfall->tensionOver,
            'minutesOver' => $shortfall->minutesOver,
            'minutesNeeded' => $shortfall->minutesNeeded === null ? null : (int) ceil($shortfall->minutesNeeded),
            'clipDown' => self::plan($open, $shortfall->clipDown, $options),
            'visits' => $shortfall->visits,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Clients;

use App\Http\Resources\PlanCostJson;
use App\Models\Photo;
use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CoatTone;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\PlanAim;
use HoundCheck\Core\Plan\PlanTotals;

/** What a client is shown of a visit: the dog's coat in plain tones, the choices, money, time, and photos. No grades. */
final readonly class ClientOffers
{
    /** @return array<string, mixed> */
    public static function of(OpenVisit $open): array
    {
        $dog = $open->visit->dog;

        return [
            'dog' => $dog->name,
            'client' => $dog->client->name,
            'salon' => config('salon.name'),
            'currency' => config('salon.currency'),
            'coat' => self::coat($open),
            'double' => $open->report->case->dog->coat->value === 'double',
            'route' => array_column($open->rules->schools->sections(), 'value'),
            'offers' => self::offers($open),
            'feeLimitCents' => $open->state->answers->feeLimitCents,
            'photos' => Photo::query()->where('visit_id', $open->visit->id)->whereNull('deleted_at')->orderBy('taken_at')->limit(8)->get(['id', 'section'])
                ->map(fn(Photo $photo): array => ['id' => $photo->id, 'section' => $photo->section])->all(),
        ];
    }

    /** @return array<string, string> by section id: combed, tangled or matted, in three plain tones */
    private static function coat(OpenVisit $open): array
    {
        $tones = [];
        foreach (Section::cases() as $section) {
            $tones[$section->value] = CoatTone::of($open->report->grade($section))->value;
        }

        return $tones;
    }

    /** @return list<array<string, mixed>> the salon's suggestion first, then the other named plans */
    private static function offers(OpenVisit $open): array
    {
        $offers = [self::offer($open, 'suggested', $open->state->planChosen?->what->aim ?? PlanAim::Between, $open->totals->choices)];
        $frontier = (new FrontierSolver($open->report, $open->stands->wishes()))->feasible();
        $named = [[PlanAim::KeepCoat, $frontier->keepsMost()], [PlanAim::Balanced, $frontier->balanced()], [PlanAim::Easiest, $frontier->easiest()]];
        $known = [json_encode($open->totals->choices->codes())];
        foreach ($named as [$aim, $plan]) {
            $codes = $plan instanceof FrontierPlan ? json_encode($plan->choices->codes()) : null;
            if ($plan !== null && ! in_array($codes, $known, true)) {
                $known[] = $codes;
                $offers[] = self::offer($open, $aim->value, $aim, $plan->choices);
            }
        }

        return $offers;
    }

    /** @return array<string, mixed> */
    private static function offer(OpenVisit $open, string $id, PlanAim $aim, Choices $choices): array
    {
        $totals = PlanTotals::of($open->report, $choices);

        return [
            'id' => $id,
            'aim' => $aim->value,
            'choices' => $choices->codes(),
            'keep' => $totals->coatKept,
            'minutes' => $totals->minutes,
            'tension' => $totals->tension,
            'priceCents' => PlanCostJson::price($open, $choices)->totalCents,
            'regrowthWeeks' => PlanCostJson::regrowthWeeks($open, $choices),
        ];
    }
}

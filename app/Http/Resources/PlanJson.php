<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoatReportJson;
use App\Http\Resources\Said\PlanSaid;
use App\Models\Staff;
use App\Visits\OpenVisit;
use App\Visits\PlanTotalsJson;
use App\Visits\ReasonsJson;
use App\Visits\SplitJson;
use App\Words\Say;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\NotOffered;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Visit\FeetInVisit;
use Illuminate\Support\Collection;

/** What the plan screen draws: for every section what is offered and chosen, and what the choices add up to. */
final class PlanJson
{
    /** @return array<string, mixed> said in a language of `Languages`; null: of the request */
    public static function of(OpenVisit $open, ?string $language = null): array
    {
        $said = new PlanSaid(Say::in($language ?? app()->getLocale()));
        $report = $open->fromHere;
        $names = Staff::names();

        return [
            'number' => $open->visit->last_number,
            'stage' => $open->stage()->value,
            'agreed' => $open->isAgreed(),
            'word' => ClientWordJson::of($open),
            'slotMinutes' => $open->state->arrival->slotMinutes(),
            'standing' => self::standing($open),
            'consent' => $open->state->arrival->consent()->value,
            'sections' => (object) self::sections($open, $names, $said),
            'totals' => [...PlanTotalsJson::of($open->totals), 'fitsFeet' => FeetInVisit::of($open->report)->fits()],
            'tolerance' => ToleranceJson::of($report->tolerance),
            'bathMinutes' => $report->effort->bathMinutes(),
            'dryMinutes' => $open->dryMinutes(),
            'airDryAllowed' => $open->rules->schools->drying->mayAirDry($report->case->dog->coat),
            'toCheck' => array_column($report->toCheck(), 'value'),
            'stuck' => array_column($open->report->stuck(), 'value'),
            'toAsk' => array_column($open->state->arrival->toAsk(), 'value'),
            'frontier' => $open->stage()->isClosed() || $open->state->arrival->toAsk() !== [] ? null : FrontierJson::of($open),
            'aim' => self::aim($open),
            'fixed' => array_keys($open->state->planned->fixed),
            'even' => array_column($open->state->planned->even->what->groups ?? [], 'value'),
            'reasons' => (object) array_map(fn(array $reason): array => [
                'why' => $reason['why'],
                'says' => $said->why($reason),
                'changes' => $reason['changes'],
            ], ReasonsJson::of($open, $open->totals->choices)),
            'price' => PlanCostJson::priceJson($open->report->priceAsPlanned()),
            'feeLimitCents' => $open->state->arrival->answers->feeLimitCents,
            'forecast' => ForecastJson::of(Forecast::ofMany($open->totals->minutes, $open->clock(), $open->rules->effort)),
            'clock' => ForecastJson::clock($open, $names[$open->state->hands->of ?? ''] ?? ''),
            'split' => SplitJson::of($open),
            'begun' => $open->state->run->hasBegun(),
            'done' => array_column($open->state->run->done(), 'value'),
            'asks' => array_column($open->report->asks(), 'value'),
            'departures' => self::departures($open, $names),
            'shown' => self::shown($open, $names),
            'houseRulesVersion' => $open->visit->house_rules_version,
        ];
    }

    /** @return array<string, mixed> */
    private static function standing(OpenVisit $open): array
    {
        $standing = $open->fromHere->standing();

        return [
            'minutes' => $standing->minutes,
            'restMinutes' => $standing->restMinutes,
            'rests' => $standing->rests($open->totals->minutes, $open->fromHere->stoodMinutes),
            'workingMinutes' => $open->fromHere->workingMinutes(),
            'inOneVisit' => FeetJson::of($open),
        ];
    }

    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return array<string, array<string, mixed>> by section id: sections with a grade, and those left alone
     */
    private static function sections(OpenVisit $open, Collection $names, PlanSaid $said): array
    {
        $sections = [];
        foreach ($open->fromHere->options as $section => $options) {
            $choice = $open->totals->choices->for($section) ?? $open->state->planned->choices()->for($section);
            $sections[$section->value] = [
                'grade' => $open->fromHere->grade($section)?->value,
                'evenWith' => $section->facts()->evenWith?->value,
                'lengthMm' => $open->fromHere->case->dog->lengthMm($section),
                'choice' => $choice?->code(),
                'regrowthWeeks' => $choice?->clipMm === null
                    ? null
                    : PlanCostJson::range(PlanCostJson::sectionWeeks($open, $section, $choice->clipMm)),
                'blades' => BladesJson::of($open, $section, $names),
                'chosen' => isset($open->state->planned->fixed[$section->value]),
                'options' => array_map(fn(Option $option): array => [
                    ...CoatReportJson::option($option),
                    'whole' => self::whole($open, $section, $option),
                ], $options->offered),
                'notOffered' => array_map(fn(NotOffered $bar): array => [
                    'treatment' => $bar->treatment->code(),
                    'reason' => $bar->reason->value,
                    'says' => $said->bar(CoatReportJson::notOffered($bar)),
                ], $options->notOffered),
            ];
        }

        return $sections;
    }

    /**
     * What the whole coat becomes if a place is treated so, and all else stays as it is chosen.
     *
     * @return array<string, float|int>|null null where nothing is matted, or not all is decided
     */
    private static function whole(OpenVisit $open, Section $section, Option $option): ?array
    {
        if (! $open->totals->isComplete() || $open->fromHere->grade($section)?->isMatted() !== true) {
            return null;
        }
        $choices = Choices::of([...$open->totals->choices->bySection, $section->value => $option->treatment]);
        $totals = PlanTotals::of($open->fromHere, $choices);

        return [
            'keep' => (float) $totals->keepShare,
            'tension' => $totals->tensionMinutes,
            'minutes' => $totals->minutes,
            'priceCents' => $open->price($choices)->totalCents,
        ];
    }

    /** @return array<string, mixed>|null the plan last chosen on the frontier, and whether it stands unchanged */
    private static function aim(OpenVisit $open): ?array
    {
        $chosen = $open->state->planned->chosen;

        return $chosen === null ? null : [
            'id' => $chosen->id,
            'aim' => $chosen->what->aim->value,
            'unchanged' => $chosen->what->choices->equals($open->totals->choices),
        ];
    }

    /**
     * Where the groomer departs from the chosen plan: plan, change and reason.
     *
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return list<array<string, mixed>>
     */
    private static function departures(OpenVisit $open, Collection $names): array
    {
        $departures = [];
        foreach ($open->state->planned->fixed as $id => $fixed) {
            $planned = $open->state->planned->chosen?->what->choices->for(Section::from($id))?->code();
            if ($planned !== null && $planned !== $fixed->what->treatment->code()) {
                $departures[] = [
                    'section' => $id,
                    'planned' => $planned,
                    'done' => $fixed->what->treatment->code(),
                    'reason' => $fixed->what->reason,
                    'because' => $fixed->what->because?->value,
                    'by' => $names[$fixed->by] ?? '',
                    'at' => Iso::of($fixed->at),
                ];
            }
        }

        return $departures;
    }

    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return array<string, mixed>|null the plan last put to the client, and the answer
     */
    private static function shown(OpenVisit $open, Collection $names): ?array
    {
        $shown = $open->state->agreement->latest;
        if ($shown === null) {
            return null;
        }
        $answer = $open->state->agreement->answer;

        return [
            'id' => $shown->id,
            'at' => Iso::of($shown->at),
            'current' => $open->report->isShownAsItIs(),
            'answer' => $answer === null ? null : [
                'answer' => $answer->what->answer->value,
                'via' => $answer->what->via->value,
                'who' => $answer->what->who,
                'note' => $answer->what->note,
                'signature' => $answer->what->signature,
                'at' => Iso::of($answer->at),
                'by' => $names[$answer->by] ?? '',
            ],
        ];
    }
}

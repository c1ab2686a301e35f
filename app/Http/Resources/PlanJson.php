<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\CoatCase\CoatReportJson;
use App\Models\Staff;
use App\Visits\OpenVisit;
use App\Visits\PlanTotalsJson;
use HoundCheck\Core\Coat\Section;

/** What the plan screen draws: for every section what is offered and chosen, and what the choices add up to. */
final class PlanJson
{
    /** @return array<string, mixed> */
    public static function of(OpenVisit $open): array
    {
        $report = $open->report;

        return [
            'number' => $open->visit->last_number,
            'stage' => $open->stage()->value,
            'agreed' => $open->isAgreed(),
            'slotMinutes' => $open->state->slotMinutes(),
            'consent' => $open->state->consent()->value,
            'sections' => (object) self::sections($open),
            'totals' => PlanTotalsJson::of($open->totals),
            'tolerance' => ToleranceJson::of($report->tolerance),
            'bathMinutes' => $report->effort->bathMinutes(),
            'dryMinutes' => $report->effort->dryMinutes(),
            'airDryAllowed' => $open->rules->schools->drying->mayAirDry($report->case->dog->coat),
            'toCheck' => array_column($report->toCheck(), 'value'),
            'stuck' => array_column($report->stuck(), 'value'),
            'shown' => self::shown($open),
            'houseRulesVersion' => $open->visit->house_rules_version,
        ];
    }

    /** @return array<string, array<string, mixed>> by section id: sections with a grade, and those left alone */
    private static function sections(OpenVisit $open): array
    {
        $sections = [];
        foreach ($open->report->options as $id => $options) {
            $section = Section::from($id);
            $sections[$id] = [
                'grade' => $open->report->grade($section)?->value,
                'lengthMm' => $open->report->case->dog->lengthMm($section),
                'choice' => ($open->totals->choices->for($section) ?? $open->state->choices()->for($section))?->code(),
                'chosen' => isset($open->state->chosen[$id]),
                'options' => array_map(CoatReportJson::option(...), $options->offered),
                'notOffered' => array_map(CoatReportJson::notOffered(...), $options->notOffered),
            ];
        }

        return $sections;
    }

    /** @return array<string, mixed>|null the plan last put to the client, and the answer */
    private static function shown(OpenVisit $open): ?array
    {
        $shown = $open->state->planShown;
        if ($shown === null) {
            return null;
        }
        $answer = $open->state->answer;

        return [
            'id' => $shown->id,
            'at' => Iso::of($shown->at),
            'current' => $shown->what->choices->equals($open->totals->choices),
            'answer' => $answer === null ? null : [
                'answer' => $answer->what->answer->value,
                'via' => $answer->what->via->value,
                'who' => $answer->what->who,
                'note' => $answer->what->note,
                'at' => Iso::of($answer->at),
                'by' => Staff::query()->whereKey($answer->by)->value('name'),
            ],
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Visits;

use App\Formats\CoatReportJson;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\PlanReasons;
use HoundCheck\Core\Plan\SectionReason;

/** Why each section is treated as it is, for groomer and client. */
final class ReasonsJson
{
    /** @return array<string, array<string, mixed>> by section id */
    public static function of(OpenVisit $open, Choices $choices): array
    {
        return array_map(fn(SectionReason $reason): array => [
            'why' => $reason->why->value,
            'bar' => $reason->bar?->value,
            'barFound' => $reason->barFound,
            'barLimit' => $reason->barLimit,
            'barAssumed' => $reason->barAssumed,
            'length' => $reason->length === null ? null : CoatReportJson::notOffered($reason->length),
            'openingTension' => $reason->openingTension,
            'sparedTension' => $reason->sparedTension,
            'matches' => $reason->matches?->value,
            'changes' => array_column($reason->changes, 'value'),
        ], PlanReasons::of($open->fromHere, $choices));
    }
}

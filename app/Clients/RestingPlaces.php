<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Finding;
use App\Models\OwnerPlan;
use App\Visits\OpenVisit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Owner\RestingPlace;

/** Places that an owner leaves alone: as a plan is given, and as its page is read later. */
final readonly class RestingPlaces
{
    /** @return list<array{section: string, why: string}> as the dog goes home; `mat`: one that was not opened */
    public static function of(OpenVisit $open): array
    {
        return self::told([...self::found($open->visit->dog_id), ...RestingPlace::mats($open->report->matsLeft())]);
    }

    /**
     * A page that was sent as it is to be read now: what is open on the skin by now is left out, with why.
     *
     * @return array<string, mixed> places and leftOut
     */
    public static function now(OwnerPlan $plan): array
    {
        $mats = array_filter($plan->shown['leftOut'] ?? [], fn(array $one): bool => $one['why'] === 'mat');
        $leftOut = [...self::told(self::found($plan->dog_id)), ...array_values($mats)];
        $rest = array_column($leftOut, 'section');
        $places = [];
        foreach ($plan->shown['places'] as $place) {
            $left = array_values(array_diff($place['sections'], $rest));
            if ($left !== []) {
                $places[] = ['sections' => $left, 'minutes' => $place['minutes'] * count($left) / count($place['sections'])] + $place;
            }
        }

        return ['places' => $places, 'leftOut' => $leftOut];
    }

    /** @return list<string> ids of sections that the page asked for when it was sent, and that are left out by now */
    public static function leftOutSince(OwnerPlan $plan): array
    {
        $sections = fn(array $places): array => array_merge(...array_column($places, 'sections'));

        return array_values(array_diff($sections($plan->shown['places']), $sections(self::now($plan)['places'])));
    }

    /** @return list<RestingPlace> */
    private static function found(string $dogId): array
    {
        $rested = CarbonImmutable::now()->subDays(RestingPlace::REDNESS_DAYS);
        $open = [];
        foreach (Finding::query()->where('dog_id', $dogId)->whereNull('closed_at')->get() as $finding) {
            $isOver = $finding->kind === FindingKind::Redness && $finding->from_work && $finding->noted_at <= $rested;
            if (! $isOver) {
                $open[$finding->section->value][] = new OpenFinding($finding->kind, $finding->spot, $finding->size_mm);
            }
        }

        return RestingPlace::found($open);
    }

    /**
     * @param list<RestingPlace> $places
     *
     * @return list<array{section: string, why: string}> in the order of the body
     */
    private static function told(array $places): array
    {
        $told = array_map(
            fn(RestingPlace $place): array => ['section' => $place->section->value, 'why' => $place->kind->value ?? 'mat'],
            $places,
        );
        $order = array_flip(array_column(Section::cases(), 'value'));
        usort($told, fn(array $one, array $other): int => $order[$one['section']] <=> $order[$other['section']]);

        return $told;
    }
}

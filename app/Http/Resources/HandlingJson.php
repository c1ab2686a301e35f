<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dog;
use HoundCheck\Core\Visit\Handling;
use HoundCheck\Core\Visit\HowItWas;
use Illuminate\Support\Collection;

/** What is known of handling a dog, from what its ended visits tell. */
final class HandlingJson
{
    /**
     * @param Collection<int, \stdClass> $visits rows with `arrived_at` and `memory`, by time
     * @param Dog|null $dog its card
     *
     * @return array<string, mixed>
     */
    public static function of(Collection $visits, ?Dog $dog): array
    {
        $handling = Handling::over(array_values($visits->map(fn(\stdClass $visit): array => [
            'at' => new \DateTimeImmutable($visit->arrived_at, new \DateTimeZone('UTC')),
            'was' => HowItWas::fromArray(json_decode($visit->memory, true, flags: JSON_THROW_ON_ERROR)['was']),
        ])->all()));
        $opened = [];
        foreach ($handling->opened as $section => $one) {
            $opened[] = ['section' => $section, 'with' => $one['with']->value, 'at' => Iso::of($one['last'])];
        }

        return [
            'onTheBack' => $dog?->on_the_back?->value,
            'releaseWord' => $dog?->release_word,
            'chinHold' => $dog?->chin_hold,
            'kinks' => $dog?->kinks,
            'signals' => array_map(fn(array $one): array => [
                'section' => $one['section'],
                'signal' => $one['signal']->value,
                'visits' => $one['visits'],
                'at' => Iso::of($one['last']),
            ], $handling->signals),
            'opened' => $opened,
            'calm' => $handling->calm,
        ];
    }
}

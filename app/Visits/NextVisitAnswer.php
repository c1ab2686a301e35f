<?php

declare(strict_types=1);

namespace App\Visits;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\PriceList;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Memory\Forecaster;
use HoundCheck\Core\Memory\IntervalForecast;
use HoundCheck\Core\Memory\KeepableCoat;
use HoundCheck\Core\Memory\Ladder;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Memory\OwnPace;
use HoundCheck\Core\Plan\Price;

/** The next visit as the screens draw it. Weeks, minutes, expected numbers of places, chances and parts 0–1, cents. */
final readonly class NextVisitAnswer
{
    /** Counts the shapes that this answer has had: a kept one of another shape is made anew. */
    public const SHAPE = 2;

    private function __construct(private NextVisit $next, private PriceList $prices) {}

    /**
     * @param int $inspections how many of its inspections speak for its clock
     *
     * @return array<string, mixed>
     */
    public static function of(NextVisit $next, PriceList $prices, int $inspections): array
    {
        return (new self($next, $prices))->answer($inspections);
    }

    /** @return array<string, mixed> */
    private function answer(int $inspections): array
    {
        $next = $this->next;
        $forecast = $next->forecast();
        $keepable = $next->keepable();
        $usual = $next->usual();
        $lengths = [];
        foreach (Section::cases() as $section) {
            $lengths[$section->value] = $next->coat->leftMm($section);
        }

        $suggested = $next->recommendedWeeks($forecast);
        $pace = OwnPace::of($next, $next->weeksLookedAt($suggested), $inspections);
        $brushed = $next->with(HomeBrushing::TwiceAWeekToTheSkin);

        return [
            'inspections' => $inspections,
            'home' => $next->life->home->value,
            'leftMm' => $lengths,
            'suggestedWeeks' => $suggested,
            'brushedTwiceWeeks' => $brushed->recommendedWeeks($brushed->forecast()),
            'mostWeeks' => $next->mostWeeks(),
            'keeps' => [
                'matsSeen' => $next->rules->keepableMatsSeen,
                'pulling' => $next->forecaster->mostTension(),
                'lost' => $next->forecaster->mostLost(),
            ],
            'tolerance' => $next->forecaster->tolerance->minutes,
            'ladder' => $this->ladder($keepable),
            'clock' => ['pace' => $pace->pace->value, 'early' => $pace->early, 'where' => $pace->where?->value],
            'intervals' => array_map(fn(IntervalForecast $interval): array => [
                ...$this->interval($interval),
                'tangles' => $interval->tangles,
                'mats' => $interval->mats,
                'limits' => array_column($next->forecaster->limits($interval), 'value'),
                'usualTangles' => $usual->after($interval->weeks, $next->coat, $next->life)->tangles,
                'places' => $this->places($interval, $next->coat),
            ], $forecast),
            'keepable' => array_map(fn(KeepableCoat $field): array => [
                ...$this->interval($field->forecast),
                'lengthMm' => $field->lengthMm,
                'home' => $field->home->value,
                'limits' => array_column($next->forecaster->limits($field->forecast), 'value'),
                'places' => $this->places($field->forecast, $next->coat->cutTo($field->lengthMm)),
            ], $keepable),
        ];
    }

    /**
     * @param list<KeepableCoat> $keepable
     *
     * @return array<string, mixed>
     */
    private function ladder(array $keepable): array
    {
        $ladder = Ladder::of($this->next, $keepable);
        $bathAndBrush = fn(IntervalForecast $visit): int => Price::of(
            $this->prices,
            $this->next->dog->weightKg,
            $visit->matMinutes,
            [],
            Service::BathAndBrush,
        )->totalCents;
        $cut = fn(?KeepableCoat $cut): ?array => $cut === null ? null : [
            'lengthMm' => $cut->lengthMm,
            'weeks' => $cut->forecast->weeks,
            'priceCents' => $this->interval($cut->forecast)['priceCents'],
        ];

        return [
            'closer' => [
                'weeks' => $ladder->closer->weeks,
                'keeps' => $ladder->closerKeeps,
                'pulling' => $ladder->closer->tension,
                'priceCents' => $bathAndBrush($ladder->closer),
            ],
            'anotherCut' => $cut($ladder->anotherCut),
            'shorter' => $cut($ladder->shorter),
        ];
    }

    /** @return array<string, int|float> */
    private function interval(IntervalForecast $forecast): array
    {
        return [
            'weeks' => $forecast->weeks,
            'matsSeen' => $forecast->matsSeen,
            'lost' => $forecast->lost,
            'minutes' => $forecast->minutes,
            'pulling' => $forecast->tension,
            'priceCents' => Price::of($this->prices, $this->next->dog->weightKg, $forecast->matMinutes, [])->totalCents,
        ];
    }

    /**
     * @return array<string, array{float, float, float}> by section id: chances of Tangle and of Mat or worse, and how long it will be
     */
    private function places(IntervalForecast $forecast, LeftCoat $coat): array
    {
        $places = [];
        foreach ($forecast->chances as $id => $chances) {
            $places[$id] = [
                round($chances[Grade::Tangle->value], 3),
                round($chances[Grade::Mat->value], 3),
                round($coat->lengthMm(Section::from($id), Forecaster::DAYS_A_WEEK * $forecast->weeks)),
            ];
        }

        return $places;
    }
}

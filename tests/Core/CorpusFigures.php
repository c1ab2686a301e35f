<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Bath\Lack;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Home\AftercareAdvice;
use HoundCheck\Core\Home\GoingHome;
use HoundCheck\Core\Home\SkippedStep;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Marks\Words\Posture;
use HoundCheck\Core\Plan\PlanReasons;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\WorkTime;

/** What stands of a visit, as text: the lower half of a file of the corpus. */
final class CorpusFigures
{
    /** @return list<string> one figure a line; what has none is left out */
    public static function of(VisitReport $visit, \DateTimeImmutable $now): array
    {
        PlanReasons::of($visit->fromHere, $visit->totals->choices);
        $lines = [
            'stage' => $visit->stage($now)->value,
            'need' => DayFacts::of($visit, $visit->state->hands->lastAt ?? $now)->needOn($visit->dayOf($now))->value,
            'to check' => (string) count($visit->atInspection->toCheck()),
            'undecided' => self::ids($visit->totals->undecided),
            'no longer offered' => self::ids($visit->totals->notOnOffer),
            'held' => self::ids($visit->held),
            'agreed' => $visit->isAgreed() ? 'yes' : 'no',
            'asks' => self::ids($visit->asks()),
            'done' => count($visit->state->run->done()) === 30 ? 'all' : self::ids($visit->state->run->done()),
            'borne' => self::borne($visit),
            'left' => self::figure($visit->borne->left()),
            'worked' => self::figure($visit->state->run->seconds() / 60).' min',
            'whole' => self::figure($visit->minutes()).' min, left '.self::figure($visit->minutesLeft()),
            'on its feet' => self::feet($visit),
            'paid mats' => self::figure($visit->matMinutes($visit->totals->choices)).' min',
            'cut' => self::bySection(
                $visit,
                fn(Section $section): ?string => ($mm = $visit->state->run->at($section)->cutMm()) === null ? null : "{$mm}",
            ),
            'parked' => implode(
                ' ',
                array_map(fn($mark): string => (string) $mark->section?->value, array_values($visit->state->run->parked)),
            ),
            'gate' => $visit->gate($now)->isOpen() ? 'open' : self::lacks($visit->gate($now)->lacks),
            'cleared' => $visit->isCleared($now) ? 'yes' : 'no',
            'times' => implode(
                ', ',
                array_map(
                    fn(WorkTime $time): string => ($time->section->value ?? $time->work->value).' '
                        .self::figure($time->minutes).'/'.self::figure($time->forecastMinutes),
                    array_filter(WorkTime::of($visit), fn(WorkTime $time): bool => count($visit->state->run->done()) < 8),
                ),
            ),
            'tell' => implode(
                ' ',
                array_map(
                    fn(Aftercare $item): string => $item->value,
                    AftercareAdvice::of($visit->state->run, $visit->state->dog()->coat, $visit->findings()),
                ),
            ),
            'skipped' => implode(
                ' ',
                array_map(
                    fn(SkippedStep $step): string => $step->value,
                    GoingHome::skipped($visit->state->run, $visit->state->bath, $visit->held),
                ),
            ),
            'keeps' => $visit->totals->keepShare === null ? '' : self::figure($visit->totals->keepShare),
        ];
        $told = array_map(fn(string $what, string $figure): string => "{$what}: {$figure}", array_keys($lines), $lines);

        return array_values(array_filter($told, fn(string $line): bool => ! str_ends_with($line, ': ')));
    }

    /** @param list<Section> $sections */
    private static function ids(array $sections): string
    {
        return implode(' ', array_map(fn(Section $section): string => $section->value, $sections));
    }

    private static function figure(float $figure): string
    {
        return rtrim(rtrim(number_format($figure, 4, '.', ''), '0'), '.');
    }

    private static function borne(VisitReport $visit): string
    {
        $places = self::bySection(
            $visit,
            fn(Section $section): ?string => $visit->borne->at($section) > 0 ? self::figure($visit->borne->at($section)) : null,
        );
        $signals = is_infinite($visit->borne->byReactionsMinutes)
            ? ' and a snap'
            : ($visit->borne->byReactionsMinutes > 0 ? ' and signals '.self::figure($visit->borne->byReactionsMinutes) : '');

        return self::figure($visit->borne->byWork()).($places === '' ? '' : " ({$places})").$signals;
    }

    /** Where it rested or lay. */
    private static function feet(VisitReport $visit): string
    {
        $feet = $visit->state->hands->feet;
        $told = [
            ...($feet->rests > 0 ? ["rested {$feet->rests}"] : []),
            ...($feet->restingSince === null ? [] : ['rests']),
            ...($feet->posture === Posture::Stands ? [] : [$feet->posture->value]),
        ];

        return $told === []
            ? ''
            : self::figure($feet->seconds / 60).' of '.self::figure($feet->wholeSeconds / 60).' min, '.implode(', ', $told);
    }

    /** @param \Closure(Section): ?string $tell */
    private static function bySection(VisitReport $visit, \Closure $tell): string
    {
        $told = [];
        foreach (Section::cases() as $section) {
            $figure = $tell($section);
            if ($figure !== null) {
                $told[] = "{$section->value} {$figure}";
            }
        }

        return count($told) > 8 ? count($told).' places' : implode(', ', $told);
    }

    /** @param list<Lack> $lacks */
    private static function lacks(array $lacks): string
    {
        $by = [];
        foreach ($lacks as $lack) {
            $by[$lack->reason->value][] = $lack->section->value;
        }

        return implode(
            '; ',
            array_map(
                fn(string $reason, array $places): string => "{$reason} ".(
                    count($places) > 8 ? count($places).' places' : implode(' ', $places)
                ),
                array_keys($by),
                $by,
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Table\OpenedWith;

/** How long a finished section took against its uncorrected forecast: what the salon's clock learns from. */
final readonly class SectionTime
{
    private function __construct(
        public Section $section,
        public string $by,
        public string $treatment,
        public float $forecastMinutes,
        public float $minutes,
        public float $ratio,
        public \DateTimeImmutable $finishedAt,
        public ?OpenedWith $openedWith,
    ) {}

    /** @return list<self> of a visit, in the order of the section's id */
    public static function of(VisitReport $visit): array
    {
        $times = [];
        foreach ($visit->state->run->done() as $section) {
            $time = self::at($section, $visit);
            if ($time !== null) {
                $times[$section->value] = $time;
            }
        }
        ksort($times);

        return array_values($times);
    }

    /** @return self|null null: no clock that could be believed */
    private static function at(Section $section, VisitReport $visit): ?self
    {
        $ledger = $visit->state->run->at($section);
        $forecast = $visit->sectionMinutes($section) ?? 0.0;
        $minutes = $visit->state->run->secondsAt($section) / 60;
        $ratio = GroomerClock::ratio($forecast, $minutes);

        return $ratio === null || $ledger->proof === null || $ledger->wasOpenedAndCut() ? null : new self(
            $section,
            $ledger->proof->by,
            (string) $visit->totals->choices->for($section)?->code(),
            $forecast,
            $minutes,
            $ratio,
            $ledger->proof->at,
            $visit->state->run->openedWith[$section->value] ?? null,
        );
    }
}

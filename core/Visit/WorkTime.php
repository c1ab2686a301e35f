<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\ClockWork;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\DryMethod;
use HoundCheck\Core\Marks\Words\OpenedWith;

/** How long a finished section, the dryer or the finish took against its uncorrected forecast: what the salon's clocks learn from. */
final readonly class WorkTime
{
    /** @param Section|null $section null: drying, or finish */
    private function __construct(
        public ClockWork $work,
        public ?Section $section,
        public string $by,
        public string $treatment,
        public float $forecastMinutes,
        public float $minutes,
        public float $ratio,
        public \DateTimeImmutable $finishedAt,
        public ?OpenedWith $openedWith = null,
    ) {}

    /** @return list<self> of a visit, in the order of their names */
    public static function of(VisitReport $visit): array
    {
        $times = [
            ClockWork::Drying->value => self::ofDrying($visit),
            ClockWork::Finish->value => self::ofFinish($visit),
        ];
        foreach ($visit->state->run->done() as $section) {
            $times[$section->value] = self::at($section, $visit);
        }
        $times = array_filter($times);
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
            ClockWork::Table,
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

    /** Of the dryer: nobody works at a coat that is left to the air. */
    private static function ofDrying(VisitReport $visit): ?self
    {
        $bath = $visit->state->bath;

        $last = self::last($bath->dried);

        return $bath->drying?->what->method === DryMethod::Dryer && $bath->isDry() && $last !== null
            ? self::between(ClockWork::Drying, $bath->drying->at, $last, $visit->dryMinutes())
            : null;
    }

    private static function ofFinish(VisitReport $visit): ?self
    {
        $bath = $visit->state->bath;
        $checked = self::last([...array_values($bath->second), ...array_values($bath->waivers)]);

        return $bath->signedOff !== null && $checked !== null
            ? self::between(ClockWork::Finish, $checked->at, $bath->signedOff, (new OtherWork($visit))->finish())
            : null;
    }

    /** @param Mark<Payload> $end */
    private static function between(ClockWork $work, \DateTimeImmutable $start, Mark $end, float $forecastMinutes): ?self
    {
        $minutes = ((float) $end->at->format('U.u') - (float) $start->format('U.u')) / 60;
        $ratio = GroomerClock::ratio($forecastMinutes, $minutes);

        return $ratio === null ? null : new self($work, null, $end->by, '', $forecastMinutes, $minutes, $ratio, $end->at);
    }

    /**
     * @param array<Mark<Payload>> $marks
     *
     * @return Mark<Payload>|null
     */
    private static function last(array $marks): ?Mark
    {
        usort($marks, fn(Mark $one, Mark $other): int => $one->at <=> $other->at);

        return array_pop($marks);
    }
}

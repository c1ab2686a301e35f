<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Bath\LackReason;
use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Kinds\Withdrawn;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Plan\PlanReasons;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitReport;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is recorded in whatever order: what was borne stays, no gate opens over a hold, and every visit can be read. */
final class RandomVisitsTest extends TestCase
{
    private const MARKS = 240;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 14; $seed++) {
            yield "visit {$seed}" => [$seed];
        }
    }

    /** Marks as the gate lets them in. */
    #[DataProvider('seeds')]
    public function test_the_account_holds_whatever_is_recorded(int $seed): void
    {
        [$marks, $fold] = $this->begin($seed);
        $here = AtTheGate::of($fold->marks(), new Known(self::rules()));
        $before = null;
        $taken = 0;
        for ($step = 0; $step < self::MARKS; $step++) {
            $report = $this->report($fold, $before);
            $mark = $marks->next();
            $refusal = $here->refusal($mark, new Recorder('Imke', Role::Owner, false, $marks->now(), new OneSalon));
            if ($refusal === null) {
                $fold->take($mark);
                $here->take($mark);
                $taken++;
                $this->holds($mark, $report, $this->report($fold, $report), $marks->now());
            }
            $before = $report;
        }
        self::assertGreaterThan(5, $taken);

        self::assertEquals(VisitFold::of($fold->marks())->run, $fold->state()->run, 'folding one by one equals folding all');
        self::assertEquals(VisitFold::of($fold->marks()), $fold->state());
        self::assertEquals(
            $this->figures($this->report($fold, null)),
            $this->figures($this->report($fold, $before)),
            'what was worked out before is as good as new',
        );
    }

    /** Marks that no gate saw, as an earlier version may have let them in. */
    #[DataProvider('seeds')]
    public function test_any_marks_give_a_visit_that_can_be_read(int $seed): void
    {
        [$marks, $fold] = $this->begin(1000 + $seed);
        for ($step = 0; $step < self::MARKS; $step++) {
            $fold->take($marks->next());
            if ($step % 10 === 0) {
                $report = $this->report($fold, null);
                PlanReasons::of($report->fromHere, $report->totals->choices);
                $report->gate($marks->now());
                self::assertGreaterThanOrEqual(0.0, $report->borne->left());
                self::assertGreaterThanOrEqual(0.0, $report->minutesLeft());
            }
        }
    }

    private function holds(Mark $mark, VisitReport $before, VisitReport $after, \DateTimeImmutable $now): void
    {
        if (! $mark->what instanceof Withdrawn) {
            self::assertGreaterThanOrEqual(
                $before->borne->byWork() - 1e-9,
                $after->borne->byWork(),
                "{$mark->kind} took away what was borne",
            );
            foreach ($after->state->run->ledgers as $section => $ledger) {
                self::assertGreaterThanOrEqual(count($before->state->run->at($section)->cuts), count($ledger->cuts));
                self::assertGreaterThanOrEqual(count($before->state->run->at($section)->grades), count($ledger->grades));
            }
        }
        $gate = $after->gate($now);
        foreach ($after->held as $section) {
            self::assertContains(
                [LackReason::HeldForVet, $section],
                array_map(fn($lack): array => [$lack->reason, $lack->section], $gate->lacks),
            );
        }
        self::assertFalse($gate->isOpen() && ($after->held !== [] || $after->state->run->parked !== []), 'open over a hold');
    }

    /** @return array{RandomMarks, VisitFold} */
    private function begin(int $seed): array
    {
        $marks = new RandomMarks($seed);
        $fold = new VisitFold(new Known(HouseRules::shop()));
        $fold->take($marks->arrival());
        array_map($fold->take(...), $marks->inspection());

        return [$marks, $fold];
    }

    private function report(VisitFold $fold, ?VisitReport $before): VisitReport
    {
        return VisitReport::of($fold->state(), new Known(self::rules()), $before);
    }

    /** @return list<mixed> */
    private function figures(VisitReport $visit): array
    {
        return [
            $visit->minutes(),
            $visit->minutesLeft(),
            $visit->totals->tensionMinutes,
            $visit->totals->keepShare,
            $visit->totals->choices->codes(),
            $visit->held,
            $visit->borne->left(),
            $visit->fromHere->options->sections(),
        ];
    }

    private static function rules(): HouseRules
    {
        static $rules = null;

        return $rules ??= HouseRules::shop();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\OwnGrade;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\SectionReading;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class OwnGradeTest extends TestCase
{
    public function test_the_groomers_grade_counts_and_the_rules_grade_is_kept_beside_it(): void
    {
        $report = $this->report(Dogs::tangle(0.1, 10), new OwnGrade(Grade::Mat, Grade::Tangle, 'It felts as I open it'));

        self::assertSame(Grade::Mat, $report->grade(Section::Tail));
        self::assertSame(Grade::Tangle, $report->gradings->at(Section::from('tail'))->grade);
        self::assertContains('thin', $this->offered($report));
        self::assertEqualsWithDelta(1.0 * 0.5 * (0.4 + 0.6 * 0.1), $report->matLoad->index, 1e-9);
    }

    public function test_it_holds_only_against_the_grade_it_was_set_against(): void
    {
        $report = $this->report(Dogs::tightMat(0.4, 2), new OwnGrade(Grade::Mat, Grade::Tangle, 'It felts as I open it'));

        self::assertSame(Grade::TightMat, $report->grade(Section::Tail));
    }

    public function test_a_mat_judged_clear_is_brushed_and_a_clear_place_judged_matted_is_not(): void
    {
        self::assertContains(
            'brush',
            $this->offered($this->report(Dogs::tangle(0.1), new OwnGrade(Grade::Drag, Grade::Tangle, 'A burr, taken out'))),
        );
        self::assertNotContains(
            'brush',
            $this->offered($this->report(Dogs::clear(), new OwnGrade(Grade::Tangle, Grade::Clear, 'Felt a knot with my hand'))),
        );
    }

    public function test_nothing_makes_a_grade_of_a_comb_that_ran_over_the_top(): void
    {
        $report = $this->report(new CombCheck, new OwnGrade(Grade::Mat, Grade::Clear, 'x'));

        self::assertNull($report->grade(Section::Tail));
        self::assertContains(Section::Tail, $report->toCheck());
    }

    private function report(CombCheck $check, OwnGrade $own): CoatReport
    {
        $rules = HouseRules::shop();

        return CoatReport::of(
            new CoatCase(Dogs::dog(), $rules->kit, 90, ClipConsent::Any, ['tail' => new SectionReading($check, [], $own)]),
            $rules,
        );
    }

    /** @return list<string> */
    private function offered(CoatReport $report): array
    {
        return array_map(fn(Option $option): string => $option->treatment->code(), $report->options->at(Section::from('tail'))->offered);
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\OwnGrade;
use HoundCheck\Core\CombCheck\SkinLine;

/**
 * The same dog tomorrow, if its owner takes it home matted and bathes it tonight: each knot a grade tighter, and half as far
 * from the skin. A rule of thumb of the trade.
 */
final readonly class BathedTonight
{
    private const LIFT_LEFT = 0.5;

    /**
     * @param CoatReport $today as the dog stands here
     * @param list<Section> $done combed through or cut today: nothing is left there to tighten
     */
    public static function of(CoatReport $today, array $done = []): CoatReport
    {
        $case = $today->case;
        $sections = $case->sections;
        foreach (Section::cases() as $section) {
            $grade = $today->grade($section);
            if (in_array($section, $done, true)) {
                $sections[$section->value] = self::combedOut($case->reading($section));
            } elseif ($grade?->isMatted() === true) {
                $graded = new GradedSection($section, $case->reading($section), $today->gradings->get($section), $today->rules->plan);
                $sections[$section->value] = self::tighter($graded, $grade);
            }
        }

        return CoatReport::of(
            new CoatCase(
                $case->dog,
                $case->kit,
                $case->slotMinutes,
                $case->consent,
                $sections,
                false,
                $case->wantedMm,
                $case->prized,
                $case->wantedByPart,
            ),
            $today->rules,
        );
    }

    private static function combedOut(SectionReading $reading): SectionReading
    {
        return new SectionReading(new CombCheck(Comb::Glides, SkinLine::Clear), $reading->findings, null, false, $reading->spots);
    }

    private static function tighter(GradedSection $graded, Grade $grade): SectionReading
    {
        $reading = $graded->reading;
        $check = $reading->check->with(['liftMm' => self::LIFT_LEFT * $graded->liftMm()]);
        $byRule = (new Grader)->grade($check)->grade ?? $grade;

        return new SectionReading(
            $check,
            $reading->findings,
            new OwnGrade(Grade::from(min(Grade::Pelted->value, $grade->value + 1)), $byRule, 'bathed'),
            $reading->bladeStops,
            $reading->spots,
        );
    }
}

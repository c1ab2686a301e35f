<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\GradedSection;
use HoundCheck\Core\Plan\NotOffered;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\SectionOptions;
use HoundCheck\Core\Plan\SectionReading;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Plan\TreatmentTable;
use HoundCheck\Core\Tolerance\Tolerance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold for any dog, tried on many seeded ones. */
final class RandomDogsTest extends TestCase
{
    private const LOOSE = [
        BodyPart::Ear, BodyPart::BehindEar, BodyPart::Armpit, BodyPart::Groin, BodyPart::Tuckup, BodyPart::Belly, BodyPart::Forefoot,
        BodyPart::Hindfoot,
    ];

    #[DataProvider('dogs')]
    public function test_what_nobody_chose_is_what_the_options_leave(CoatCase $case): void
    {
        $rules = HouseRules::shop();
        $table = new TreatmentTable($case, $rules, Tolerance::of($case->dog, $rules->tolerance));
        foreach (Section::cases() as $section) {
            $reading = $case->reading($section);
            $graded = new GradedSection($section, $reading, (new Grader)->grade($reading->check), $rules->plan);

            self::assertEquals($table->for($graded)?->assumed()?->treatment, $table->assumed($graded), $section->value);
        }
    }

    #[DataProvider('dogs')]
    public function test_nothing_offered_breaks_a_rule(CoatCase $case): void
    {
        $report = CoatReport::of($case, HouseRules::shop());
        foreach ($report->options->byId() as $id => $options) {
            $section = Section::from($id);
            $grade = $report->grade($section)?->value ?? 0;
            $reading = $case->reading($section);
            foreach ($options->offered as $option) {
                $told = "{$id}, grade {$grade}, {$option->treatment->code()}";
                self::assertGreaterThanOrEqual(0.0, $option->minutes, $told);
                self::assertTrue($option->treatment->clipMm !== null || $option->tensionMinutes <= $report->tolerance->sectionCapMinutes, $told);
                self::assertTrue($option->keepShare > 0.0 && $option->keepShare <= 1.0, $told);
                $clip = $option->treatment->clipMm;
                if ($clip !== null) {
                    self::assertGreaterThanOrEqual(1.5, $clip, $told);
                    self::assertLessThan($case->dog->lengthMm($section), $clip, $told);
                    self::assertSame($grade >= 2 && $clip > ($reading->check->liftMm ?? INF), $option->bladeTestFirst, "{$told}: longer than the lift");
                    self::assertFalse($option->bladeTestFirst && $clip > 1.5, "{$told}: a long blade under a tight mat");
                    self::assertFalse($grade >= 2 && $clip > 3.2 && in_array($section->part(), self::LOOSE, true), "{$told}: long teeth in loose skin");
                    self::assertFalse($grade >= 2 && $clip > 13, "{$told}: a guard comb on matted coat");
                    self::assertFalse(
                        $case->dog->coat === CoatType::Double && $grade < 2 && $clip < 25 && $section->facts()->seen > 0.2,
                        "{$told}: a clear double coat cut short",
                    );
                }
                self::assertFalse(
                    $grade === 5 && ! in_array($option->treatment->kind, [TreatmentKind::Clip, TreatmentKind::Leave], true),
                    "{$told}: a pelt opened",
                );
                self::assertFalse(
                    $this->isLeft($reading) && $option->treatment->kind !== TreatmentKind::Leave,
                    "{$told}: open skin worked over",
                );
            }
        }
    }

    #[DataProvider('dogs')]
    public function test_a_treatment_is_either_offered_or_ruled_out_never_both(CoatCase $case): void
    {
        foreach (CoatReport::of($case, HouseRules::shop())->options->byId() as $id => $options) {
            $offered = $this->codes($options);
            $barred = array_map(fn(NotOffered $bar): string => $bar->treatment->code(), $options->notOffered);

            self::assertSame([], array_intersect($offered, $barred), $id);
            self::assertSame($offered, array_values(array_unique($offered)), $id);
        }
    }

    #[DataProvider('dogs')]
    public function test_every_section_is_missing_or_offers_something_or_is_named_as_stuck(CoatCase $case): void
    {
        $report = CoatReport::of($case, HouseRules::shop());
        $named = [...$report->toCheck(), ...$report->stuck()];
        foreach (Section::cases() as $section) {
            $offers = ($report->options->at($section)->offered ?? []) !== [];
            self::assertSame(! in_array($section, $named, true), $offers, $section->value);
        }
    }

    #[DataProvider('dogs')]
    public function test_more_lift_never_takes_a_treatment_away(CoatCase $case): void
    {
        $before = CoatReport::of($case, HouseRules::shop());
        $readings = array_map(
            fn(SectionReading $reading): SectionReading => $reading->check->liftMm !== null && $reading->check->liftMm >= 3
                ? new SectionReading($reading->check->with(['liftMm' => $reading->check->liftMm + 6]), $reading->findings)
                : $reading,
            $case->sections,
        );
        $after = CoatReport::of(new CoatCase($case->dog, $case->kit, $case->slotMinutes, $case->consent, $readings), HouseRules::shop());
        foreach ($before->options->byId() as $id => $options) {
            self::assertSame([], array_diff($this->codes($options), $this->codes($after->options->at(Section::from($id)))), $id);
        }
    }

    #[DataProvider('dogs')]
    public function test_a_stricter_client_is_offered_no_more_than_an_easier_one(CoatCase $case): void
    {
        $with = fn(ClipConsent $consent): CoatReport => CoatReport::of(
            new CoatCase($case->dog, $case->kit, $case->slotMinutes, $consent, $case->sections),
            HouseRules::shop(),
        );
        $never = $with(ClipConsent::Never);
        foreach ($with(ClipConsent::Any)->options->byId() as $id => $options) {
            // Where never leaves no way, a finding leaves the place to a vet.
            self::assertSame([], array_diff($this->codes($never->options->at(Section::from($id))), $this->codes($options), ['leave']), $id);
        }
    }

    #[DataProvider('dogs')]
    public function test_totals_are_the_sums_of_what_was_chosen_and_coat_kept_lies_within_bounds(CoatCase $case): void
    {
        $report = CoatReport::of($case, HouseRules::shop());
        $choices = $minutes = $tension = [];
        foreach ($report->options->byId() as $id => $options) {
            if ($options->offered !== []) {
                $last = $options->offered[count($options->offered) - 1];
                $choices[$id] = $last->treatment->code();
                $minutes[] = $last->minutes;
                $tension[] = $last->tensionMinutes;
            }
        }
        $totals = PlanTotals::of($report, Choices::fromCodes($choices));

        self::assertEqualsWithDelta(array_sum($minutes), $totals->minutes, 1e-9);
        self::assertEqualsWithDelta(array_sum($tension), $totals->tensionMinutes, 1e-9);
        self::assertSame(count($choices) === 30, $totals->isComplete());
        self::assertTrue($totals->keepShare === null || ($totals->keepShare <= 1.0 && $totals->keepShare > -0.5));
        self::assertSame([], $totals->undecided);
    }

    /** @return iterable<string, array{CoatCase}> */
    public static function dogs(): iterable
    {
        $random = new Randomizer(new Mt19937(9));
        for ($number = 1; $number <= 40; $number++) {
            yield "dog {$number}" => [self::dog($random)];
        }
    }

    private static function dog(Randomizer $random): CoatCase
    {
        $one = fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $readings = [];
        foreach (Section::cases() as $section) {
            $comb = $one([null, ...Comb::cases(), Comb::Glides, Comb::Glides]);
            $findings = $random->getInt(0, 11) === 0 ? [$one(FindingKind::cases())] : [];
            $readings[$section->value] = new SectionReading(new CombCheck(
                $comb,
                $comb === null ? null : $one([null, ...SkinLine::cases(), SkinLine::Clear, SkinLine::Clear]),
                opens: $one([null, ...Opens::cases()]),
                mattedShare: $one([null, 0.05, 0.2, 0.5, 0.9]),
                liftMm: $one([null, 1.0, 2.9, 4.0, 7.0, 14.0]),
                tender: $one([true, false, false]),
            ), $findings);
        }
        $health = $random->getInt(0, 2) === 0 ? [$one(HealthFact::cases())] : [];
        $dog = new Dog(
            $random->getInt(20, 450) / 10,
            $one(CoatType::cases()),
            false,
            (float) $random->getInt(8, 120),
            ['tail' => 30.0],
            $random->getInt(2, 170),
            $one(Temperament::cases()),
            $health,
        );

        return new CoatCase($dog, new Kit, 90, $one(ClipConsent::cases()), $readings);
    }

    private function isLeft(SectionReading $reading): bool
    {
        return $reading->has(FindingKind::OpenSkin) || $reading->has(FindingKind::Swelling) || $reading->has(FindingKind::Maggots);
    }

    /** @return list<string> */
    private function codes(SectionOptions $options): array
    {
        return array_map(fn(Option $option): string => $option->treatment->code(), $options->offered);
    }
}

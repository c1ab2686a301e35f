<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\PlanRules;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\UnknownTreatment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class PlanTotalsTest extends TestCase
{
    /** Σ share × seen × prize of the whole dog. */
    private const WHOLE = 0.879 + 2 * (0.012 + 0.016 + 2 * 0.008 + 0.010);

    public function test_a_clear_dog_is_brushed_without_anybody_choosing_and_keeps_all_its_coat(): void
    {
        $totals = $this->totals(Dogs::case());

        self::assertTrue($totals->isComplete());
        self::assertSame(['brush'], array_values(array_unique($totals->choices->codes())));
        self::assertEqualsWithDelta(1.0, $totals->keepShare, 1e-12);
        self::assertSame(0.0, $totals->tensionMinutes);
    }

    public function test_a_lone_way_is_taken_and_several_wait_for_a_decision(): void
    {
        $totals = $this->totals(Dogs::case(['back' => Dogs::pelted(), 'tail' => Dogs::mat(0.1, 5)]));

        self::assertSame('clip:1.5', $totals->choices->codes()['back']);
        self::assertSame(['tail'], array_column($totals->undecided, 'value'));
        self::assertFalse($totals->isComplete());
        self::assertNull($totals->keepShare);
    }

    public function test_uneven_lengths_within_a_group_cost_coat_that_shows(): void
    {
        $case = Dogs::case(['foreleg_l' => Dogs::tangle(0.1, 13)]);
        $opened = $this->totals($case, ['foreleg_l' => 'demat']);
        $clipped = $this->totals($case, ['foreleg_l' => 'clip:13']);

        $weight = 0.034 / self::WHOLE;
        $legs = 2 * (0.034 + 0.096 + 0.054) / self::WHOLE;
        self::assertEqualsWithDelta(1 - $weight * (1 - 13 / 40) - 0.5 * $legs * (1 - 13 / 40), $clipped->keepShare, 1e-9);
        self::assertEqualsWithDelta(1 - $weight * 0.1 * 0.02, $opened->keepShare, 1e-9);
    }

    public function test_cutting_the_whole_group_alike_costs_no_unevenness(): void
    {
        $ears = $this->totals(Dogs::case(), ['ear_l' => 'clip:13', 'ear_r' => 'clip:13']);

        self::assertEqualsWithDelta(1 - 2 * (3 * 0.008 / self::WHOLE) * (1 - 13 / 40), $ears->keepShare, 1e-9);
    }

    public function test_lengths_near_each_other_look_even_and_what_the_haircut_takes_off_is_no_unevenness(): void
    {
        $near = $this->totals(Dogs::case(), ['foreleg_l' => 'clip:32']);
        $case = Dogs::case();
        $short = new CoatCase($case->dog, $case->kit, 120, ClipConsent::Any, $case->sections, wantedMm: 13);

        self::assertEqualsWithDelta(1 - 0.034 / self::WHOLE * 0.05, $near->keepShare, 1e-9);
        self::assertEqualsWithDelta(1.0, $this->totals($short, ['foreleg_l' => 'clip:13', 'hindleg_r' => 'clip:25'])->keepShare, 1e-9);
    }

    public function test_lengths_look_even_from_the_houses_own_figure_on(): void
    {
        $kept = fn(float $evenFrom): float => (float) PlanTotals::of(
            CoatReport::of(Dogs::case(['foreleg_l' => Dogs::tangle(0.1, 13)]), new HouseRules(plan: new PlanRules(evenFrom: $evenFrom))),
            Choices::fromCodes(['foreleg_l' => 'clip:13']),
        )->keepShare;
        $legs = 2 * (0.034 + 0.096 + 0.054) / self::WHOLE;

        self::assertEqualsWithDelta(1 - 0.034 / self::WHOLE * (1 - 13 / 40), $kept(13 / 40), 1e-9, 'just so is even');
        self::assertEqualsWithDelta($kept(13 / 40) - 0.5 * $legs * (1 - 13 / 40), $kept(13 / 40 + 1e-6), 1e-9);
    }

    public function test_places_that_the_client_named_count_more(): void
    {
        $case = Dogs::case();
        $named = new CoatCase($case->dog, $case->kit, 120, ClipConsent::Any, $case->sections, prized: [Section::ForelegLeft]);
        $lost = fn(CoatCase $case): float => 1 - (float) $this->totals($case, ['foreleg_l' => 'clip:32'])->keepShare;

        self::assertEqualsWithDelta(3 * self::WHOLE / (self::WHOLE + 2 * 0.034), $lost($named) / $lost($case), 1e-9);
    }

    public function test_a_choice_that_is_no_longer_offered_is_named_and_not_counted(): void
    {
        $totals = $this->totals(Dogs::case(['tail' => Dogs::mat(0.1, 2)]), ['tail' => 'clip:13']);

        self::assertSame(['tail'], array_column($totals->notOnOffer, 'value'));
        self::assertFalse($totals->isComplete());
    }

    /** @param list<string> $beyond */
    #[DataProvider('permissions')]
    public function test_clips_beyond_what_the_client_allowed_on_arrival_are_named(ClipConsent $consent, array $beyond): void
    {
        $case = Dogs::case(['tuckup_l' => Dogs::mat(0.1, 5), 'behind_ear_l' => Dogs::mat(0.1, 5)], consent: $consent);
        $totals = $this->totals(
            $case,
            ['tuckup_l' => 'clip:3.2', 'behind_ear_l' => $consent === ClipConsent::Never ? 'demat' : 'clip:3.2'],
        );

        self::assertSame($beyond, array_column($totals->beyondPermission, 'value'));
    }

    /** @return iterable<string, array{ClipConsent, list<string>}> */
    public static function permissions(): iterable
    {
        yield 'anything goes' => [ClipConsent::Any, []];
        yield 'hidden places only: the tuck-up is one, behind the ear is not' => [ClipConsent::Hidden, ['behind_ear_l']];
        yield 'ask first' => [ClipConsent::Ask, ['behind_ear_l', 'tuckup_l']];
        yield 'never where it shows still asks for hidden places' => [ClipConsent::Never, ['tuckup_l']];
    }

    public function test_limits_of_table_time_and_tolerance_are_held_against_the_plan(): void
    {
        $case = Dogs::case(
            ['side_l' => Dogs::tangle(0.24, 4), 'side_r' => Dogs::tangle(0.24, 4), 'chest' => Dogs::tangle(0.24, 4), 'breeches_l' => Dogs::tangle(0.24, 4), 'back' => Dogs::tangle(0.24, 4)],
            dog: Dogs::dog(ageMonths: 3, temperament: Temperament::Mouthy, health: [HealthFact::RecentSurgery]),
            slotMinutes: 10,
        );
        $totals = $this->totals($case, ['side_l' => 'demat', 'side_r' => 'demat', 'chest' => 'demat', 'breeches_l' => 'demat', 'back' => 'demat']);

        self::assertFalse($totals->fitsSlot);
        self::assertFalse($totals->fitsTolerance);
    }

    #[DataProvider('codes')]
    public function test_a_treatment_code_reads_back_as_it_was_written(string $code): void
    {
        self::assertSame($code, Treatment::fromCode($code)->code());
    }

    /** @return iterable<array{string}> */
    public static function codes(): iterable
    {
        foreach (['brush', 'demat', 'thin', 'leave', 'clip:1.5', 'clip:13', 'clip:6.3'] as $code) {
            yield $code => [$code];
        }
    }

    #[DataProvider('nonsense')]
    public function test_a_code_that_names_nothing_is_refused(string $code): void
    {
        $this->expectException(UnknownTreatment::class);
        Treatment::fromCode($code);
    }

    /** @return iterable<array{string}> */
    public static function nonsense(): iterable
    {
        foreach (['', 'shave', 'clip', 'clip:', 'clip:-3', 'clip:6.333', 'clip:6,3', 'Brush'] as $code) {
            yield "\"{$code}\"" => [$code];
        }
    }

    /** @param array<string, string> $choices */
    private function totals(CoatCase $case, array $choices = []): PlanTotals
    {
        return PlanTotals::of(CoatReport::of($case, HouseRules::shop()), Choices::fromCodes($choices));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\House;

use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\RuleChanges;
use HoundCheck\Core\House\RuleFields;
use HoundCheck\Core\House\RuleKind;
use HoundCheck\Core\House\RuleProblem;
use HoundCheck\Core\House\UnusableHouseRules;
use HoundCheck\Core\Plan\Treatment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RuleChangesTest extends TestCase
{
    public function test_every_house_rule_can_be_set_and_nothing_else_is_offered(): void
    {
        self::assertEqualsCanonicalizing(array_keys(HouseRules::shop()->flat()), array_keys(RuleFields::all()));
    }

    /** What a salon starts with, and how far it may go, stands on a page that a salon can read: it changes there too. */
    public function test_the_page_of_house_rules_tells_every_range_and_starting_value(): void
    {
        self::assertStringEqualsFile(RulePage::PATH, RulePage::text(), 'Write it anew: php tests/Core/House/write.php');
    }

    public function test_a_choice_is_one_of_those_offered_to_the_letter(): void
    {
        foreach ([true, 0, 'Feet_up', ''] as $value) {
            self::assertSame(
                [RuleProblem::NotAChoice],
                array_values($this->problemsOf(['schools.route' => $value])),
                var_export($value, true),
            );
        }
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, RuleProblem>
     */
    private function problemsOf(array $changes): array
    {
        try {
            RuleChanges::apply(HouseRules::shop(), $changes);
        } catch (UnusableHouseRules $failure) {
            return $failure->problems;
        }

        return [];
    }

    public function test_every_starting_value_lies_in_its_range(): void
    {
        $start = HouseRules::shop();

        self::assertEquals($start, RuleChanges::apply($start, $start->flat()));
    }

    public function test_rules_survive_being_laid_flat(): void
    {
        self::assertEquals(HouseRules::shop(), HouseRules::fromArray(HouseRules::nested(HouseRules::shop()->flat())));
    }

    public function test_rules_that_an_earlier_version_stored_are_read_with_what_came_and_went_since(): void
    {
        $stored = HouseRules::shop()->toArray();
        $stored['effort']['layerMm'] = 12;
        $stored['effort']['paceByCoat'] = ['curly' => 1.4, 'feathered' => 9.0];
        $stored['effort']['gone'] = 3;
        unset($stored['tolerance']['byHealth']['joint_pain'], $stored['table']);
        $stored['schools']['mats'] = 'cut_all';
        $stored['kit']['bladesMm'] = [6.35];
        $read = HouseRules::fromArray($stored);

        self::assertSame(
            [12, 1.4, 0.8],
            [(int) $read->effort->layerMm, $read->effort->paceByCoat['curly'], $read->effort->paceByCoat['wire']],
        );
        self::assertArrayNotHasKey('feathered', $read->effort->paceByCoat);
        self::assertSame(0.6, $read->tolerance->byHealth['joint_pain']);
        self::assertEquals(HouseRules::shop()->table, $read->table);
        self::assertSame(HouseRules::shop()->schools->mats, $read->schools->mats);
        self::assertEquals(
            Treatment::clip(6.35),
            Treatment::fromCode(Treatment::clip(6.35)->code()),
            'a plan with such a blade can be read again',
        );
    }

    /** Rules as a salon stored them under an earlier version, one file each: a new version adds a file and changes none. */
    public function test_stored_rules_of_every_version_keep_their_values(): void
    {
        $files = glob(__DIR__.'/../../corpus/house-rules/version-*.json') ?: [];
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            $stored = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            $read = HouseRules::fromArray($stored)->toArray();

            $known = array_map(
                fn(array $rules, array $stored): array => array_intersect_key($stored, $rules),
                $read,
                array_replace(array_fill_keys(array_keys($read), []), array_intersect_key($stored, $read)),
            );
            // A rule that is no more is passed over; what is still a rule keeps what the salon set.
            self::assertEquals($read, array_replace_recursive($read, array_combine(array_keys($read), $known)), basename($file));
            self::assertNotEquals(HouseRules::shop()->toArray(), $read, basename($file).' holds values of a salon’s own');
        }
    }

    public function test_a_change_changes_what_it_names_and_nothing_else(): void
    {
        $changed = RuleChanges::apply(
            HouseRules::shop(),
            [
                'effort.layerMm' => 12,
                'tolerance.byTemperament.mouthy' => 0.3,
                'plan.thinningAllowed' => false,
                'schools.mats' => 'clip_early',
            ],
        );

        self::assertSame(
            [12.0, 0.3, false, 'clip_early'],
            [
                $changed->effort->layerMm,
                $changed->tolerance->byTemperament['mouthy'],
                $changed->plan->thinningAllowed,
                $changed->schools->mats->value,
            ],
        );
        self::assertSame([
            'schools.mats' => ['before' => 'fingers_first', 'after' => 'clip_early'],
            'plan.thinningAllowed' => ['before' => true, 'after' => false],
            'effort.layerMm' => ['before' => 15.0, 'after' => 12.0],
            'tolerance.byTemperament.mouthy' => ['before' => 0.4, 'after' => 0.3],
        ], HouseRules::shop()->changesTo($changed));
        self::assertSame([], $changed->changesTo($changed));
    }

    public function test_the_kit_is_kept_shortest_first(): void
    {
        self::assertSame([1.5, 6.3, 10], RuleChanges::apply(HouseRules::shop(), ['kit.bladesMm' => [10, 1.5, 6.3]])->kit->bladesMm);
    }

    public function test_a_salons_own_order_goes_round_the_dog_in_that_order(): void
    {
        $own = array_reverse(array_column(RouteSchool::FeetUp->route(), 'value'));
        $rules = RuleChanges::apply(HouseRules::shop(), ['schools.route' => 'own', 'schools.ownRoute' => $own]);

        self::assertSame($own, array_column($rules->schools->sections(), 'value'));
        self::assertSame(RouteSchool::FeetUp->route(), RuleChanges::apply($rules, ['schools.route' => 'feet_up'])->schools->sections());
    }

    #[DataProvider('slips')]
    public function test_a_slip_is_named_at_its_rule(RuleProblem $problem, string $path, mixed $value): void
    {
        self::assertSame([$path => $problem], $this->problems([$path => $value]));
    }

    /** @return iterable<string, array{RuleProblem, string, mixed}> */
    public static function slips(): iterable
    {
        $route = array_column(Section::cases(), 'value');
        yield 'words for a number' => [RuleProblem::NotANumber, 'effort.layerMm', 'a finger'];
        yield 'nothing for a number' => [RuleProblem::NotANumber, 'effort.layerMm', null];
        yield 'a yes for a number' => [RuleProblem::NotANumber, 'effort.layerMm', true];
        yield 'a slip of the comma' => [RuleProblem::OutOfRange, 'effort.layerMm', 150];
        yield 'a cap that is no cap' => [RuleProblem::OutOfRange, 'tolerance.sectionCapMinutes', 21];
        yield 'a planned blade that can cut skin' => [RuleProblem::OutOfRange, 'plan.shortestClipMm', 0.5];
        yield 'a number for a yes' => [RuleProblem::NotYesOrNo, 'plan.tenderPlacesClipOnly', 1];
        yield 'a school nobody knows' => [RuleProblem::NotAChoice, 'schools.mats', 'scissors'];
        yield 'breeches only' => [RuleProblem::NotAChoice, 'schools.direction', 'parted_both_ways'];
        yield 'one length for several' => [RuleProblem::NotLengths, 'kit.bladesMm', 3.2];
        yield 'a word among the lengths' => [RuleProblem::NotANumber, 'kit.guardsMm', [16, 'long']];
        yield 'a length out of range' => [RuleProblem::OutOfRange, 'kit.guardsMm', [16, 160]];
        yield 'a length between tenths' => [RuleProblem::NotTenths, 'kit.bladesMm', [3.2, 6.35]];
        yield 'more lengths than a drawer holds' => [RuleProblem::TooManyLengths, 'kit.guardsMm', range(16, 30)];
        yield 'a length twice' => [RuleProblem::LengthTwice, 'kit.guardsMm', [16, 19, 16.0]];
        yield 'no blade left to plan with' => [RuleProblem::NoBladeToPlanWith, 'kit.bladesMm', [0.5]];
        yield 'no blade at all' => [RuleProblem::NoBladeToPlanWith, 'kit.bladesMm', []];
        yield 'a section left out' => [RuleProblem::RouteIncomplete, 'schools.ownRoute', array_slice($route, 1)];
        yield 'a section twice' => [RuleProblem::RouteIncomplete, 'schools.ownRoute', [...$route, 'tail']];
        yield 'no such rule' => [RuleProblem::NoSuchRule, 'effort.luck', 1];
        yield 'a whole table at once' => [RuleProblem::NoSuchRule, 'effort.paceByCoat', []];
    }

    public function test_rules_that_clash_are_named_though_each_is_possible(): void
    {
        self::assertSame(
            ['effort.lineLengthMax' => RuleProblem::MostUnderLeast],
            $this->problems(['effort.lineLengthMin' => 2.5]),
        );
        self::assertSame(['schools.ownRoute' => RuleProblem::RouteIncomplete], $this->problems(['schools.route' => 'own']));
    }

    public function test_all_slips_are_named_at_once(): void
    {
        self::assertCount(3, $this->problems(['effort.layerMm' => 0, 'kit.bladesMm' => 'sharp', 'schools.treats' => 'cheese']));
    }

    public function test_a_number_has_a_unit_and_a_range_that_leaves_room(): void
    {
        foreach (RuleFields::all() as $path => $field) {
            if ($field->kind === RuleKind::Number) {
                self::assertNotNull($field->unit, $path);
                self::assertLessThan($field->most, $field->least, $path);
            }
        }
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, RuleProblem>
     */
    private function problems(array $changes): array
    {
        try {
            RuleChanges::apply(HouseRules::shop(), $changes);
        } catch (UnusableHouseRules $unusable) {
            return $unusable->problems;
        }
        self::fail('These changes were taken.');
    }
}

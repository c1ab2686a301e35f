<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Bath\Lack;
use HoundCheck\Core\Bath\LackReason;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** What proves that a place is free of mats: a comb, or a cut, after the last finding there; never a word. */
final class ProofTest extends TestCase
{
    #[DataProvider('judgements')]
    public function test_a_judgement_by_hand_opens_no_gate(int $comb, int $own, float $upTo = 1): void
    {
        $scene = Scene::inspected(['side_l' => Scene::comb($comb), 'side_r' => Scene::comb($comb)], rules: new HouseRules(table: new TableRules(waivedUpTo: $upTo)));
        foreach (['side_l', 'side_r'] as $side) {
            $scene->do(MarkKind::GradeJudged, ['grade' => $own, 'instead' => $comb, 'reason' => 'It looks fine'], $side);
        }
        $waiver = ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'It looks fine'];

        self::assertSame(['side_l', 'side_r'], $this->shut($scene));
        self::assertSame(Refusal::NoWaiverForMats, $scene->refusal(MarkKind::Waived, $waiver, 'side_l'));
        $scene->do(MarkKind::Waived, $waiver, 'side_l')->do(MarkKind::Waived, $waiver, 'side_r');
        self::assertSame(['side_l', 'side_r'], $this->shut($scene));
    }

    /** @return iterable<string, array{0: int, 1: int, 2?: float}> */
    public static function judgements(): iterable
    {
        yield 'a pelt judged clear' => [5, 0];
        yield 'a pelt judged drag' => [5, 1];
        yield 'a mat judged a tangle where the house lets tangles go' => [3, 2, 2];
        yield 'a clear place judged a mat' => [0, 3];
    }

    public function test_drag_judged_clear_still_wants_its_comb(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(1)])->do(MarkKind::GradeJudged, ['grade' => 0, 'instead' => 1, 'reason' => 'Static'], 'tail');

        self::assertSame(['tail'], $this->shut($scene));
        self::assertSame([], $this->shut($scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail')));
    }

    public function test_what_is_found_in_a_whole_place_later_wants_the_comb_again(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(2)])->do(MarkKind::TableCombed, Scene::comb(0), 'tail');
        self::assertSame([], $this->shut($scene));

        $scene->do(MarkKind::FindingNoted, ['kind' => 'redness', 'spot' => true], 'tail');
        self::assertSame([], $this->shut($scene), 'a spot is left alone, the rest was combed');
        $scene->do(MarkKind::FindingNoted, ['kind' => 'redness'], 'tail')->do(MarkKind::FindingNoted, ['kind' => 'odour'], 'back');
        self::assertSame(['back', 'tail'], $this->shut($scene));
        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail')->do(MarkKind::TableCombed, Scene::comb(0), 'back');
        self::assertSame([], $this->shut($scene));
    }

    public function test_a_hot_spot_found_under_combed_hair_is_left_alone(): void
    {
        $scene = Scene::inspected(['side_l' => Scene::comb(2)])->do(MarkKind::TableCombed, Scene::comb(0), 'side_l');
        $scene->do(MarkKind::FindingNoted, ['kind' => 'hot_spot'], 'side_l');

        self::assertSame([Section::SideLeft], $scene->report()->held);
        self::assertSame(Refusal::HeldForVet, $scene->refusal(MarkKind::TableCombed, Scene::comb(0), 'side_l'));
    }

    public function test_a_matted_hot_spot_that_was_clipped_holds_nothing_up(): void
    {
        $scene = Scene::inspected(['side_l' => Scene::comb(3, 0.2, 9.5)])->do(MarkKind::FindingNoted, ['kind' => 'hot_spot'], 'side_l')
            ->do(MarkKind::FindingMinded, [], 'side_l')->do(MarkKind::Clipped, ['mm' => 3.2], 'side_l');

        self::assertSame([[], []], [$scene->report()->held, $this->shut($scene)]);
    }

    #[DataProvider('cuts')]
    public function test_a_long_cut_takes_the_comb_too(bool $isProof, int $grade, float $mm): void
    {
        $scene = Scene::inspected(['side_l' => Scene::comb($grade)])->do(MarkKind::Clipped, ['mm' => $mm], 'side_l');

        self::assertSame($isProof ? [] : ['side_l'], $this->shut($scene));
        self::assertSame([], $this->shut($scene->do(MarkKind::TableCombed, Scene::comb(0), 'side_l')));
    }

    /** @return iterable<string, array{bool, int, float}> */
    public static function cuts(): iterable
    {
        yield 'a long cut over drag' => [false, 1, 13];
        yield 'the shortest of fine teeth over drag' => [true, 1, 3.2];
        yield 'a long cut of a place the comb found clear today' => [true, 0, 13];
        yield 'a long cut of a mat' => [false, 3, 6.3];
        yield 'a mat cut with fine teeth' => [true, 3, 3.2];
    }

    public function test_a_mat_at_red_skin_pulls_half_as_much_again_by_its_clock(): void
    {
        $pulled = function (array $findings): float {
            $scene = Scene::inspected(['muzzle' => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers']]);
            foreach ($findings as $kind) {
                $scene->do(MarkKind::FindingNoted, ['kind' => $kind], 'muzzle');
            }
            $scene->do(MarkKind::SectionTaken, [], 'muzzle')->do(MarkKind::MatTaken, [], 'muzzle');

            return $scene->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'muzzle', 240)->report()->borne->at(Section::Muzzle);
        };

        // 4 min × tender 1.5 × pull 0.5 = 3.0, × 1.5 where it is red.
        self::assertEqualsWithDelta([3.0, 4.5], [$pulled([]), $pulled(['redness'])], 0.01);
    }

    /** @param array<string, mixed> $payload */
    #[DataProvider('workAtMats')]
    public function test_no_hand_works_on_where_a_vet_must_look_first(MarkKind $kind, array $payload = []): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5)])->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::MatTaken, [], 'tail');
        self::assertNull($scene->refusal($kind, $payload, 'tail'));
        $scene->do(MarkKind::FindingNoted, ['kind' => 'open_skin'], 'tail');

        self::assertSame(Refusal::HeldForVet, $scene->refusal($kind, $payload, 'tail'));
        self::assertNull($scene->refusal(MarkKind::MatParked, [], 'tail'), 'the mat in hand can be let go');
    }

    /** @return iterable<string, array{0: MarkKind, 1?: array<string, mixed>}> */
    public static function workAtMats(): iterable
    {
        yield 'the mat in hand' => [MarkKind::MatWorked, ['outcome' => 'opened']];
        yield 'a blade under it' => [MarkKind::BladeTried, ['mm' => 9.5, 'result' => 'passes']];
        yield 'mist' => [MarkKind::Misted];
        yield 'what opened it' => [MarkKind::MatsOpened, ['with' => 'fingers']];
    }

    #[DataProvider('onlyClipped')]
    public function test_no_mat_is_taken_in_hand_where_it_can_only_be_clipped(?Refusal $expected, string $section, int $grade): void
    {
        $scene = Scene::inspected([$section => Scene::comb($grade, lift: 9.5)]);

        self::assertSame($expected, $scene->refusal(MarkKind::MatTaken, [], $section));
    }

    /** @return iterable<string, array{Refusal|null, string, int}> */
    public static function onlyClipped(): iterable
    {
        yield 'a mat in an armpit' => [Refusal::NotOffered, 'armpit_l', 3];
        yield 'a pelt' => [Refusal::NotOffered, 'side_l', 5];
        yield 'a mat that opens' => [null, 'side_l', 3];
        yield 'one met out of turn, where the comb had found none' => [null, 'side_l', 0];
    }

    public function test_an_apprentice_takes_back_no_snap(): void
    {
        $scene = Scene::inspected();
        $scene->role = Role::Apprentice;
        $scene->do(MarkKind::Reacted, ['signal' => 'snaps']);
        $snap = $scene->lastId();
        $scene->do(MarkKind::Reacted, ['signal' => 'looks']);

        self::assertNull($scene->refusal(MarkKind::Withdrawn, ['markId' => $scene->lastId()]));
        self::assertSame(Refusal::NeedsAGroomer, $scene->refusal(MarkKind::Withdrawn, ['markId' => $snap]));
        $scene->role = Role::Groomer;
        self::assertNull($scene->refusal(MarkKind::Withdrawn, ['markId' => $snap]));
    }

    /** @return list<string> sections that keep the gate shut */
    private function shut(Scene $scene): array
    {
        $lacks = array_filter($scene->report()->gate($scene->now())->lacks, fn(Lack $lack): bool => $lack->reason !== LackReason::HeldForVet);

        return array_values(array_map(fn(Lack $lack): string => $lack->section->value, $lacks));
    }
}

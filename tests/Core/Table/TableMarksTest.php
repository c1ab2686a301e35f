<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Home\GoingHome;
use HoundCheck\Core\Home\SkippedStep;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\House\PlanRules;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Table\RunRoute;
use HoundCheck\Core\Table\Thinning;
use HoundCheck\Core\Visit\Stage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** What the server takes at the table and from the bath on, and what it refuses and why. */
final class TableMarksTest extends TestCase
{
    /** @param array<string, mixed> $payload */
    #[DataProvider('refusals')]
    public function test_a_mark_that_would_go_wrong_is_refused(
        ?Refusal $expected,
        Scene $scene,
        MarkKind $kind,
        array $payload = [],
        ?string $section = null,
    ): void {
        self::assertSame($expected, $scene->refusal($kind, $payload, $section));
    }

    /** @return iterable<string, array{0: Refusal|null, 1: Scene, 2: MarkKind, 3?: array<string, mixed>, 4?: string|null}> */
    public static function refusals(): iterable
    {
        $clear = fn(): Scene => Scene::inspected();
        $matted = fn(string $consent = 'any', HouseRules $rules = new HouseRules, array $dog = []): Scene => Scene::inspected(
            ['tail' => Scene::comb(3, 0.2, 9.5)],
            dog: $dog,
            rules: $rules,
            consent: $consent,
        );
        $inHand = fn(Scene $scene): Scene => $scene->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::MatTaken, [], 'tail');
        $bathed = fn(): Scene => $clear()
            ->do(MarkKind::BathCleared)
            ->do(MarkKind::BathStepped, ['step' => 'rinsed_first'])
            ->do(MarkKind::BathStepped, ['step' => 'lathered', 'product' => 'mild'])
            ->do(MarkKind::BathStepped, ['step' => 'rinsed_out']);
        $half = (new Scene)->do(
            MarkKind::Arrived,
            ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy'],
        );

        yield 'work before the inspection' => [Refusal::InspectFirst, $half, MarkKind::SectionTaken, [], 'tail'];
        yield 'work after it' => [null, $clear(), MarkKind::SectionTaken, [], 'tail'];
        yield 'a line that the section does not have' => [Refusal::NoSuchLine, $clear(), MarkKind::LineDone, ['line' => 40], 'tail'];
        yield 'its last line' => [null, $clear(), MarkKind::LineDone, ['line' => 1], 'tail'];
        yield 'a cut nobody agreed to' => [Refusal::NotAgreed, $matted('ask'), MarkKind::Clipped, ['mm' => 9.5], 'tail'];
        yield 'a cut the client allowed on arrival' => [null, $matted('any'), MarkKind::Clipped, ['mm' => 9.5], 'tail'];
        yield 'a hidden cut where hidden ones are allowed' => [Refusal::NotAgreed, $matted('hidden'), MarkKind::Clipped, ['mm' => 9.5], 'tail'];
        yield 'a blade that does not pass under the mat' => [Refusal::NotOffered, $matted('any'), MarkKind::Clipped, ['mm' => 13], 'tail'];
        yield 'a mat done that nobody took in hand' => [Refusal::NoMatInHand, $matted(), MarkKind::MatWorked, ['outcome' => 'opened'], 'tail'];
        yield 'a mat opened' => [null, $inHand($matted()), MarkKind::MatWorked, ['outcome' => 'opened'], 'tail'];
        yield 'a mat cut out that nobody agreed to' => [Refusal::NotAgreed, $inHand($matted('ask')), MarkKind::MatWorked, ['outcome' => 'clipped'], 'tail'];
        yield 'a mat thinned' => [null, $inHand($matted()), MarkKind::MatWorked, ['outcome' => 'thinned', 'closes' => 2], 'tail'];
        yield 'a mat thinned in a house that does not' => [Refusal::NotOffered, $inHand($matted('any', new HouseRules(plan: new PlanRules(thinningAllowed: false)))), MarkKind::MatWorked, ['outcome' => 'thinned', 'closes' => 2], 'tail'];
        yield 'a mat taken after a snap' => [Refusal::DemattingOver, $matted()->do(MarkKind::Reacted, ['signal' => 'snaps'], 'tail'), MarkKind::MatTaken, [], 'tail'];
        yield 'raking a coat without undercoat' => [Refusal::NotOffered, $clear(), MarkKind::RakePassed, ['rake' => 'wide', 'handfuls' => 1], 'back'];
        yield 'raking a double coat' => [null, Scene::inspected(dog: ['coat' => 'double']), MarkKind::RakePassed, ['rake' => 'wide', 'handfuls' => 1], 'back'];
        yield 'water before the clearance' => [Refusal::GateShut, $clear(), MarkKind::BathStepped, ['step' => 'rinsed_first']];
        yield 'lather on a dry dog' => [Refusal::BathStepsInOrder, $clear()->do(MarkKind::BathCleared), MarkKind::BathStepped, ['step' => 'lathered']];
        yield 'drying a dog that is still soaped' => [Refusal::NotBathedYet, $clear()->do(MarkKind::BathCleared), MarkKind::DryStarted, ['method' => 'dryer']];
        yield 'drying' => [null, $bathed(), MarkKind::DryStarted, ['method' => 'dryer']];
        yield 'a mixed coat left to the air' => [Refusal::NotOffered, $bathed(), MarkKind::DryStarted, ['method' => 'air']];
        yield 'combing what is wet' => [Refusal::NotDryYet, $bathed(), MarkKind::SecondCombed, Scene::comb(0), 'tail'];
        yield 'combing what is dry' => [null, $bathed()->do(MarkKind::Dried, ['area' => 'hind_legs']), MarkKind::SecondCombed, Scene::comb(0), 'tail'];
        yield 'signing what is not finished' => [Refusal::NotFinishedYet, $bathed(), MarkKind::SignedOff];
        yield 'going home without a word about it' => [Refusal::SkippedStepsNeedAReason, $bathed(), MarkKind::HandedOver];
        yield 'going home with one' => [null, $bathed(), MarkKind::HandedOver, ['skippedBecause' => 'Client could not wait']];
        yield 'letting a mat go after drying' => [Refusal::NoWaiverForMats, $bathed()->do(MarkKind::Dried, ['area' => 'hind_legs'])->do(MarkKind::SecondCombed, Scene::comb(3), 'tail'), MarkKind::Waived, ['step' => 'after_drying', 'who' => 'Imke', 'reason' => 'x'], 'tail'];
        yield 'letting drag go after drying' => [null, $bathed()->do(MarkKind::Dried, ['area' => 'hind_legs'])->do(MarkKind::SecondCombed, Scene::comb(1), 'tail'), MarkKind::Waived, ['step' => 'after_drying', 'who' => 'Imke', 'reason' => 'x'], 'tail'];
        yield 'letting a tangle go after drying' => [Refusal::NoWaiverForMats, $bathed()->do(MarkKind::Dried, ['area' => 'hind_legs'])->do(MarkKind::SecondCombed, Scene::comb(2), 'tail'), MarkKind::Waived, ['step' => 'after_drying', 'who' => 'Imke', 'reason' => 'x'], 'tail'];
    }

    public function test_a_clip_is_agreed_down_to_the_length_the_client_said_yes_to(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5)], consent: 'ask')->do(
            MarkKind::TreatmentChosen,
            ['treatment' => 'clip:6.3'],
            'tail',
        );
        $scene->do(MarkKind::PlanShown, ['choices' => $scene->report()->totals->choices->codes()]);
        $scene->do(MarkKind::AnswerGiven, ['planId' => $scene->lastId(), 'answer' => 'yes', 'via' => 'here', 'who' => 'Ann']);

        self::assertSame(
            [null, null, Refusal::NotAgreed],
            array_map(fn(float $mm): ?Refusal => $scene->refusal(MarkKind::Clipped, ['mm' => $mm], 'tail'), [9.5, 6.3, 3.2]),
        );
    }

    public function test_the_agreement_holds_at_the_table_for_what_takes_less_and_not_for_what_takes_more(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5)], consent: 'ask')->do(
            MarkKind::TreatmentChosen,
            ['treatment' => 'demat'],
            'tail',
        );
        $scene->do(MarkKind::PlanShown, ['choices' => $scene->report()->totals->choices->codes()]);
        $scene->do(MarkKind::AnswerGiven, ['planId' => $scene->lastId(), 'answer' => 'yes', 'via' => 'here', 'who' => 'Ann']);
        $scene->do(MarkKind::SectionTaken, [], 'back')->do(MarkKind::TableCombed, Scene::comb(0), 'back');
        self::assertTrue($scene->report()->isAgreed());

        $scene->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2', 'reason' => 'It felts again'], 'tail');
        self::assertFalse($scene->report()->isAgreed());
    }

    public function test_what_was_agreed_stays_agreed_while_a_plan_from_here_waits_for_its_answer(): void
    {
        $found = ['tail' => Scene::comb(3, 0.2, 9.5), 'breeches_l' => Scene::comb(3, 0.2, 9.5)];
        $scene = Scene::inspected($found, consent: 'ask')
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:6.3'], 'tail')
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'breeches_l');
        $show = fn(): Scene => $scene->do(MarkKind::PlanShown, ['choices' => $scene->report()->totals->choices->codes()]);
        $answer = fn(string $answer): Scene => $scene->do(
            MarkKind::AnswerGiven,
            ['planId' => $scene->lastId(), 'answer' => $answer, 'via' => 'here', 'who' => 'Ann'],
        );
        $show();
        $answer('yes')
            ->do(MarkKind::RunStarted)
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:6.3', 'reason' => 'It felts again'], 'breeches_l');
        $show();

        self::assertSame([Section::BreechesLeft], $scene->report()->asks());
        self::assertNull($scene->refusal(MarkKind::Clipped, ['mm' => 6.3], 'tail'));
        self::assertSame(Refusal::NotAgreed, $scene->refusal(MarkKind::Clipped, ['mm' => 6.3], 'breeches_l'));
        self::assertSame(
            Refusal::BeyondStandingPermission,
            $scene->refusal(MarkKind::AnswerGiven, ['planId' => $scene->lastId(), 'answer' => 'yes', 'via' => 'standing', 'who' => 'Ann']),
        );

        $answer('no');
        self::assertSame(Refusal::NotAgreed, $scene->refusal(MarkKind::Clipped, ['mm' => 6.3], 'tail'), 'a no stands until a new yes');
        $show();
        $answer('yes');
        self::assertSame([[], null], [$scene->report()->asks(), $scene->refusal(MarkKind::Clipped, ['mm' => 6.3], 'breeches_l')]);
    }

    public function test_the_route_goes_round_the_whole_dog_unless_only_the_plan_is_wanted(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(2), 'ear_l' => Scene::comb(1)])->do(
            MarkKind::TreatmentChosen,
            ['treatment' => 'clip:13'],
            'back',
        );
        $report = $scene->report();

        self::assertSame((new Schools)->sections(), RunRoute::of(RunScope::WholeCoat, $report->atInspection, $report->totals));
        self::assertSame(
            [Section::Tail, Section::Back, Section::EarLeft],
            RunRoute::of(RunScope::PlannedOnly, $report->atInspection, $report->totals),
        );
    }

    public function test_each_close_of_the_thinning_shear_takes_its_share_of_what_is_left(): void
    {
        self::assertEqualsWithDelta(
            [1.0, 0.85, 0.85 ** 3],
            array_map(fn(int $closes): float => Thinning::left(new Kit, $closes), [0, 1, 3]),
            1e-12,
        );
        self::assertEqualsWithDelta(0.7 ** 4, Thinning::left(new Kit(closeShare: 0.3), 4), 1e-12);
    }

    public function test_a_whole_visit_walks_through_its_stages_and_goes_home_with_nothing_skipped(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(2), 'armpit_l' => Scene::comb(3)])->do(
            MarkKind::TreatmentChosen,
            ['treatment' => 'clip:9.5'],
            'armpit_l',
        );
        $stages = [];
        $note = function () use (&$stages, $scene): void {
            $stages[] = $scene->report()->stage($scene->now());
        };
        $scene->do(MarkKind::RunStarted, ['scope' => 'whole_coat']);
        $note();
        $scene->brushOut()->do(MarkKind::BathCleared);
        $note();
        foreach (BathStep::cases() as $step) {
            $scene->do(MarkKind::BathStepped, ['step' => $step->value]);
        }
        $note();
        $scene->do(MarkKind::DryStarted, ['method' => 'dryer']);
        foreach (DryArea::cases() as $area) {
            $scene->do(MarkKind::Dried, ['area' => $area->value]);
        }
        $note();
        foreach (Section::cases() as $section) {
            $scene->do(MarkKind::SecondCombed, ['comb' => 'glides', 'skinLine' => 'clear', 'fine' => 'glides'], $section->value);
        }
        $scene->do(MarkKind::AftercareChosen, ['items' => []])->do(MarkKind::SignedOff);
        $note();
        $state = $scene->report()->state;
        self::assertSame([], GoingHome::skipped($state->run, $state->bath, []));
        self::assertNull($scene->refusal(MarkKind::HandedOver));
        $scene->do(MarkKind::HandedOver);
        $note();

        self::assertSame([Stage::Brushing, Stage::Cleared, Stage::Bathed, Stage::Dried, Stage::Finished, Stage::Collected], $stages);
    }

    public function test_what_was_not_done_is_known_by_name(): void
    {
        $state = Scene::inspected()->do(MarkKind::RunStarted)->report()->state;

        self::assertSame(
            [
                SkippedStep::BathGate,
                SkippedStep::Bath,
                SkippedStep::Drying,
                SkippedStep::SecondCombCheck,
                SkippedStep::Aftercare,
                SkippedStep::SignOff,
            ],
            GoingHome::skipped($state->run, $state->bath, []),
        );
    }

    public function test_each_section_is_dried_with_exactly_one_area(): void
    {
        $all = array_merge(...array_map(fn(DryArea $area): array => $area->sections(), DryArea::cases()));

        self::assertEqualsCanonicalizing(Section::cases(), $all);
        foreach (Section::cases() as $section) {
            self::assertContains($section, DryArea::of($section)->sections());
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Bath\BathAdvice;
use HoundCheck\Core\Bath\DryAdvice;
use HoundCheck\Core\Bath\DryCaution;
use HoundCheck\Core\Bath\ProposedProduct;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Home\AftercareAdvice;
use HoundCheck\Core\House\DryingSchool;
use HoundCheck\Core\House\Extra;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Marks\Words\BathProduct;
use HoundCheck\Core\Marks\Words\DryMethod;
use HoundCheck\Core\Marks\Words\Rake;
use HoundCheck\Core\Table\Undercoat;
use HoundCheck\Core\Table\UndercoatAdvice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;
use Tests\Core\Scene;

final class AdviceTest extends TestCase
{
    /**
     * @param list<BathProduct> $expected
     * @param list<FindingKind> $findings
     */
    #[DataProvider('baths')]
    public function test_the_bath_follows_what_was_found_and_what_treats_a_skin_is_a_vets_to_order(array $expected, Dog $dog, array $findings): void
    {
        $proposed = BathAdvice::of($dog, $findings, []);
        self::assertSame($expected, array_map(fn(ProposedProduct $one): BathProduct => $one->product, $proposed));
    }

    /** @return iterable<string, array{list<BathProduct>, Dog, list<FindingKind>}> */
    public static function baths(): iterable
    {
        $wire = Dogs::dog(coat: CoatType::Wire);
        yield 'a sound long coat' => [[BathProduct::Mild, BathProduct::Conditioner], Dogs::dog(coat: CoatType::Curly), []];
        yield 'a sound wire coat' => [[BathProduct::Mild], $wire, []];
        yield 'red skin' => [[BathProduct::SoapFree], $wire, [FindingKind::Redness]];
        yield 'an allergic dog' => [[BathProduct::SoapFree], Dogs::dog(coat: CoatType::Wire, health: [HealthFact::SkinAllergy]), []];
        yield 'odour' => [[BathProduct::Odour], $wire, [FindingKind::Odour]];
        yield 'odour on sore skin' => [[BathProduct::SoapFree], $wire, [FindingKind::Odour, FindingKind::Moist]];
        yield 'parasites, and no vet has ordered anything yet' => [[BathProduct::SoapFree], $wire, [FindingKind::Redness, FindingKind::MitesOrLice]];
    }

    public function test_what_a_vet_ordered_is_proposed_and_counts_and_nothing_medicated_is_taken_without_an_order(): void
    {
        $scene = Scene::inspected()->do(MarkKind::BathCleared)->do(MarkKind::BathStepped, ['step' => 'rinsed_first']);
        $medicated = ['step' => 'lathered', 'product' => 'vet_ordered', 'contactMinutes' => 10];
        self::assertSame(Refusal::OnlyAsAVetOrdered, $scene->refusal(MarkKind::BathStepped, $medicated));

        $scene->do(MarkKind::ArrivalAnswered, ['extras' => ['medicated_bath']]);
        self::assertSame(BathProduct::VetOrdered, BathAdvice::of(Dogs::dog(), [FindingKind::HotSpot], [Extra::MedicatedBath])[0]->product);
        self::assertNull($scene->refusal(MarkKind::BathStepped, $medicated));

        $before = DayFacts::of($scene->report(), $scene->now())->bathMinutes;
        $scene->do(MarkKind::BathStepped, $medicated)->do(MarkKind::BathStepped, ['step' => 'conditioned', 'contactMinutes' => 3]);
        self::assertEqualsWithDelta($before + 13, DayFacts::of($scene->report(), $scene->now())->bathMinutes, 1e-9);
    }

    public function test_a_second_product_and_conditioner_come_after_the_first_lather(): void
    {
        $scene = Scene::inspected()->do(MarkKind::BathCleared)->do(MarkKind::BathStepped, ['step' => 'rinsed_first']);
        foreach (['lathered_again', 'conditioned', 'rinsed_out'] as $step) {
            self::assertSame(Refusal::BathStepsInOrder, $scene->refusal(MarkKind::BathStepped, ['step' => $step]));
        }
        $scene->do(MarkKind::BathStepped, ['step' => 'lathered', 'product' => 'mild']);
        foreach (['lathered_again', 'conditioned', 'rinsed_out'] as $step) {
            self::assertNull($scene->refusal(MarkKind::BathStepped, ['step' => $step]));
        }
    }

    public function test_only_smooth_and_wire_coats_may_dry_in_the_air_and_only_where_the_house_allows_it(): void
    {
        $airy = new Schools(drying: DryingSchool::AirDryAllowed);

        self::assertSame([DryMethod::Dryer, DryMethod::Air], DryAdvice::methods(Dogs::dog(coat: CoatType::Wire), $airy));
        self::assertSame([DryMethod::Dryer], DryAdvice::methods(Dogs::dog(coat: CoatType::Wire), new Schools));
        self::assertSame([DryMethod::Dryer], DryAdvice::methods(Dogs::dog(coat: CoatType::Curly), $airy));
        self::assertContains(DryCaution::NeverAirDried, DryAdvice::cautions(Dogs::dog(coat: CoatType::Curly), $airy));
    }

    public function test_a_wet_old_dog_is_kept_warm_and_one_that_bites_the_dryer_is_not_fought(): void
    {
        self::assertContains(DryCaution::WarmRoom, DryAdvice::cautions(Dogs::dog(ageMonths: 150), new Schools));
        self::assertNotContains(DryCaution::WarmRoom, DryAdvice::cautions(Dogs::dog(health: [HealthFact::ShortNosed]), new Schools));
        self::assertContains(DryCaution::BitesTheDryer, DryAdvice::cautions(Dogs::dog(temperament: Temperament::Mouthy), new Schools));
        self::assertNotContains(DryCaution::BitesTheDryer, DryAdvice::cautions(Dogs::dog(), new Schools));
    }

    public function test_no_heat_on_old_and_heart_sick_dogs(): void
    {
        self::assertContains(DryCaution::NoHeat, DryAdvice::cautions(Dogs::dog(ageMonths: 150), new Schools));
        self::assertContains(DryCaution::NoHeat, DryAdvice::cautions(Dogs::dog(health: [HealthFact::HeartOrAirway]), new Schools));
        self::assertNotContains(DryCaution::NoHeat, DryAdvice::cautions(Dogs::dog(), new Schools));
    }

    /** @param list<Aftercare> $expected */
    #[DataProvider('afternoons')]
    public function test_aftercare_follows_what_was_really_done(array $expected, Scene $scene): void
    {
        $report = $scene->report();

        self::assertSame($expected, AftercareAdvice::of($report->state->run, $report->state->dog()->coat, $report->findings()));
    }

    /** @return iterable<string, array{list<Aftercare>, Scene}> */
    public static function afternoons(): iterable
    {
        yield 'a clear dog' => [[], Scene::inspected()->brushOut()];
        yield 'short over more than a tenth of what shows' => [[Aftercare::ShortClip], Scene::inspected(['breeches_l' => Scene::comb(3, lift: 9.5)])->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:6.3'], 'breeches_l')->brushOut()];
        yield 'a shaved armpit' => [[Aftercare::Licking], Scene::inspected(['armpit_l' => Scene::comb(3, lift: 9.5)])->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2'], 'armpit_l')->brushOut()];
        yield 'a clipped wire coat' => [[Aftercare::SofterWire], Scene::inspected(dog: ['coat' => 'wire'])->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'tail')->brushOut()];
        yield 'tight mats opened on an ear, which a comb then passes' => [[Aftercare::EarsAfterTightMats], Scene::inspected(['ear_l' => Scene::comb(4, lift: 3.5)])->do(MarkKind::TableCombed, Scene::comb(0), 'ear_l')];
        yield 'tight mats taken off an ear' => [[Aftercare::EarsAfterTightMats], Scene::inspected(['ear_l' => Scene::comb(4, lift: 3.5)])->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2'], 'ear_l')->brushOut()];
        yield 'a longer clip' => [[], Scene::inspected()->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'back')->brushOut()];
        yield 'a clipped double coat' => [[Aftercare::ClippedDoubleCoat], Scene::inspected(dog: ['coat' => 'double', 'coatMm' => 60])->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:25'], 'back')->brushOut()];
        yield 'redness and parasites' => [[Aftercare::Redness, Aftercare::Parasites], Scene::inspected()->do(MarkKind::FindingNoted, ['kind' => 'redness'], 'tail')->do(MarkKind::FindingNoted, ['kind' => 'parasites'], 'tail')->brushOut()];
        yield 'more than ten minutes of pulling' => [
            [Aftercare::QuietEvening],
            Scene::inspected(['breeches_l' => Scene::comb(3, 0.5, 9.5)])->do(
                MarkKind::TreatmentChosen,
                ['treatment' => 'demat'],
                'breeches_l',
            )
                ->do(MarkKind::SectionTaken, [], 'breeches_l')
                    ->do(MarkKind::MatTaken, [], 'breeches_l')
                    ->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 290)
                    ->do(MarkKind::MatTaken, [], 'breeches_l')
                    ->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 370)
                    ->brushOut(),
        ];
    }

    /** @param list<array{string, float}> $passes rake and handfuls */
    #[DataProvider('rakings')]
    public function test_the_coat_has_stopped_giving_when_the_yield_falls(UndercoatAdvice $advice, Rake $rake, array $passes): void
    {
        $recorded = array_map(
            fn(array $pass): Mark => (new MarkReader)->read(
                MarkKind::RakePassed,
                'M',
                'back',
                new \DateTimeImmutable('2026-06-09'),
                'Imke',
                ['rake' => $pass[0], 'handfuls' => $pass[1]],
            ),
            $passes,
        );
        $undercoat = new Undercoat($recorded, new TableRules);

        self::assertSame([$advice, $rake], [$undercoat->next(), $undercoat->rake()]);
    }

    /** @return iterable<string, array{UndercoatAdvice, Rake, list<array{string, float}>}> */
    public static function rakings(): iterable
    {
        yield 'before the first pass' => [UndercoatAdvice::RakeOn, Rake::Wide, []];
        yield 'it gives well' => [UndercoatAdvice::RakeOn, Rake::Wide, [['wide', 4], ['wide', 3]]];
        yield 'it gives a quarter of the best' => [UndercoatAdvice::ChangeToFine, Rake::Fine, [['wide', 4], ['wide', 2], ['wide', 1]]];
        yield 'it gives nothing at once' => [UndercoatAdvice::ChangeToFine, Rake::Fine, [['wide', 0]]];
        yield 'the fine rake brings more' => [UndercoatAdvice::RakeOn, Rake::Fine, [['wide', 4], ['wide', 1], ['fine', 2]]];
        yield 'the fine rake stops too' => [UndercoatAdvice::Stop, Rake::Fine, [['wide', 4], ['wide', 1], ['fine', 2], ['fine', 0.5]]];
        yield 'never over the same place again and again' => [UndercoatAdvice::ChangeToFine, Rake::Fine, array_fill(0, 6, ['wide', 3])];
    }
}

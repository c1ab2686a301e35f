<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\PlanAim;
use HoundCheck\Core\Visit\Offer;
use HoundCheck\Core\Visit\Offers;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class OffersTest extends TestCase
{
    public function test_a_client_sees_the_suggestion_first_and_then_the_named_plans(): void
    {
        $frontier = (new FrontierSolver(self::scene()->report()->fromHere))->feasible();
        $between = $frontier->plans[1]->choices;
        $visit = self::scene()->do(MarkKind::PlanChosen, ['aim' => 'between', 'choices' => $between->codes()])->report();
        $offers = Offers::of($visit);

        self::assertSame([Offer::SUGGESTED, 'keep_coat', 'balanced', 'easiest'], array_column($offers, 'id'));
        self::assertSame([PlanAim::Between, PlanAim::KeepCoat, PlanAim::Balanced, PlanAim::Easiest], array_column($offers, 'aim'));
        self::assertEquals(
            [$between, $frontier->keepsMost()?->choices, $frontier->balanced()?->choices, $frontier->easiest()?->choices],
            array_column($offers, 'choices'),
        );
    }

    public function test_a_plan_that_is_the_suggestion_is_not_offered_again(): void
    {
        $easiest = (new FrontierSolver(self::scene()->report()->fromHere))->feasible()->easiest()?->choices->codes();
        $visit = self::scene()->do(MarkKind::PlanChosen, ['aim' => 'easiest', 'choices' => $easiest])->report();
        $offers = Offers::of($visit);

        self::assertSame([Offer::SUGGESTED, 'keep_coat', 'balanced'], array_column($offers, 'id'));
        self::assertSame([PlanAim::Easiest, $easiest], [$offers[0]->aim, $offers[0]->choices->codes()]);
    }

    public function test_two_names_for_one_plan_are_one_offer(): void
    {
        $visit = Scene::inspected(['muzzle' => Scene::comb(2, 0.2, 6.3)])->report();
        $frontier = (new FrontierSolver($visit->fromHere))->feasible();

        self::assertEquals($frontier->balanced(), $frontier->keepsMost());
        self::assertCount(
            1,
            array_filter(Offers::of($visit), fn(Offer $offer): bool => $offer->choices->equals($frontier->balanced()?->choices ?? $offer->choices)),
        );
    }

    public function test_a_clear_dog_has_one_way(): void
    {
        self::assertSame([Offer::SUGGESTED], array_column(Offers::of(Scene::inspected()->report()), 'id'));
    }

    private static function scene(): Scene
    {
        return Scene::inspected([
            'tail' => Scene::comb(3, 0.2, 9.5),
            'breeches_l' => Scene::comb(3, 0.4, 9.5),
            'side_l' => Scene::comb(3, 0.2, 9.5),
            'chest' => Scene::comb(2, 0.3, 9.5),
        ]);
    }
}

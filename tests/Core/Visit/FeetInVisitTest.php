<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\FeetWay;
use HoundCheck\Core\Visit\FeetInVisit;
use HoundCheck\Core\Visit\OtherWork;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** How long one visit keeps a dog on its feet: what has been, and what is still asked of it. */
final class FeetInVisitTest extends TestCase
{
    private const PUPPY = ['ageMonths' => 5, 'weightKg' => 8];

    public function test_inspection_table_bath_dryer_second_check_and_finish_count_together(): void
    {
        $scene = $this->puppy();
        $visit = $scene->report();
        $effort = $visit->fromHere->effort;
        $lines = array_sum(array_map($effort->lineMinutes(...), Section::cases()));
        $parts = [
            'inspection' => $visit->state->combed->seconds() / 60, 'table' => $visit->totals->minutes, 'bath' => $effort->bathMinutes(),
            'dry' => $visit->dryMinutes(), 'check' => $visit->rules->effort->secondCheckPart * $lines, 'finish' => (new OtherWork($visit))->finish(),
        ];
        self::assertGreaterThan(0, min($parts));
        $feet = FeetInVisit::of($visit);
        self::assertEqualsWithDelta(array_sum($parts), $feet->minutes, 1e-9);
        self::assertSame(45.0, $feet->limitMinutes);
        self::assertFalse($feet->fits());

        self::assertEqualsWithDelta($feet->minutes - $parts['dry'], $feet->byWay['dryer_lying'], 1e-9);
        self::assertEqualsWithDelta($feet->minutes - $parts['dry'] - $parts['bath'], $feet->byWay['sponged'], 1e-9);
        self::assertEqualsWithDelta($parts['inspection'] + $parts['table'], $feet->byWay['bath_another_day'], 1e-9);
        $smaller = (new OtherWork($visit))->finishOf(Service::BathAndBrush);
        self::assertEqualsWithDelta($feet->minutes - $parts['finish'] + $smaller, $feet->byWay['smaller_service'], 1e-9);
    }

    public function test_a_dog_that_lies_for_the_work_stands_half_of_table_and_dryer(): void
    {
        $stands = $this->puppy()->report();
        $lies = $this->puppy(['liesDown' => true])->report();

        self::assertEqualsWithDelta(
            FeetInVisit::of($stands)->minutes - ($stands->totals->minutes + $stands->dryMinutes()) / 2,
            FeetInVisit::of($lies)->minutes,
            1e-9,
        );
    }

    public function test_no_hand_begins_before_a_way_is_chosen_that_fits_or_somebody_said_why(): void
    {
        $scene = $this->puppy();
        $start = fn(): ?Refusal => $scene->refusal(MarkKind::RunStarted, ['scope' => 'whole_coat']);
        self::assertSame(Refusal::TooLongOnItsFeet, $start());

        $scene->do(MarkKind::FeetPlanned, ['way' => 'dryer_lying']);
        self::assertSame(FeetWay::DryerLying, $this->feet($scene)->way);
        self::assertFalse($this->feet($scene)->fits(), 'the dryer alone is not enough for this one');
        self::assertSame(Refusal::TooLongOnItsFeet, $start());

        $why = $scene->do(MarkKind::FeetPlanned, ['way' => 'dryer_lying', 'reason' => 'Sleeps through it'])->lastId();
        self::assertSame('Sleeps through it', $this->feet($scene)->reason);
        self::assertNull($start());
        $scene->withdraw($why);
        self::assertSame(Refusal::TooLongOnItsFeet, $start());

        $scene->do(MarkKind::FeetPlanned, ['way' => 'bath_another_day']);
        self::assertTrue($this->feet($scene)->fits());
        self::assertNull($start());
    }

    public function test_what_it_has_stood_stays_counted_and_what_is_done_is_not_asked_again(): void
    {
        $scene = Scene::inspected();
        $before = $this->feet($scene);
        $scene->do(MarkKind::RunStarted, ['scope' => 'whole_coat'], afterSeconds: 0);
        foreach (Section::cases() as $section) {
            $scene->do(MarkKind::TableCombed, ['comb' => 'glides', 'skinLine' => 'clear'], $section->value, afterSeconds: 60);
        }
        $visit = $scene->report();
        $stood = ($visit->state->hands->feet->wholeSeconds + $visit->state->combed->seconds()) / 60;
        self::assertGreaterThan(29.0, $stood);
        $table = Scene::inspected()->report()->totals->minutes;
        $stood = $visit->state->hands->feet->wholeSeconds / 60;
        self::assertEqualsWithDelta($before->minutes - $table + $stood, $this->feet($scene)->minutes, 1e-6);
    }

    private function feet(Scene $scene): FeetInVisit
    {
        return FeetInVisit::of($scene->report());
    }

    private function puppy(array $more = []): Scene
    {
        return Scene::inspected(['belly' => Scene::comb(2)], [...self::PUPPY, ...$more])->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'belly');
    }
}

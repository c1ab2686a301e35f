<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\Acts\ActTakenBack;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\Acts\CameIn;
use HoundCheck\Core\Day\Acts\Cancelled;
use HoundCheck\Core\Day\Acts\Changed;
use HoundCheck\Core\Day\Acts\Confirmed;
use HoundCheck\Core\Day\Acts\Moved;
use HoundCheck\Core\Day\Acts\NoShow;
use HoundCheck\Core\Day\Acts\OtherTimeAsked;
use HoundCheck\Core\Day\Appointment;
use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\Day\AppointmentActs;
use HoundCheck\Core\Day\AppointmentRefusal;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\Day\CancelledBy;
use HoundCheck\Core\Day\Slot;
use HoundCheck\Core\House\Service;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AppointmentTest extends TestCase
{
    public function test_a_time_that_moves_asks_the_client_anew_and_a_change_of_hands_does_not(): void
    {
        $confirmed = ['a' => self::booked('10:00'), 'b' => new Confirmed];

        self::assertTrue(Appointment::of($confirmed)->isConfirmed);
        self::assertTrue(Appointment::of([...$confirmed, 'c' => new Moved(self::slot('10:00', 'imke'))])->isConfirmed);
        self::assertFalse(Appointment::of([...$confirmed, 'c' => new Moved(self::slot('11:00'))])->isConfirmed);
    }

    public function test_who_asks_for_another_time_has_confirmed_nothing_until_one_is_given(): void
    {
        $asked = ['a' => self::booked('10:00'), 'b' => new Confirmed, 'c' => new OtherTimeAsked('later, please')];

        self::assertSame([false, 'later, please'], [Appointment::of($asked)->isConfirmed, Appointment::of($asked)->asked]);
        self::assertNull(Appointment::of([...$asked, 'd' => new Moved(self::slot('15:00'))])->asked);
        self::assertNull(Appointment::of([...$asked, 'd' => new Confirmed])->asked);
    }

    public function test_what_was_taken_back_never_was_and_then_the_one_before_can_be_taken_back(): void
    {
        $acts = ['a' => self::booked('10:00'), 'b' => new Moved(self::slot('11:00')), 'c' => new Cancelled(CancelledBy::Client, 'ill')];
        self::assertSame([AppointmentState::Cancelled, 'c'], [Appointment::of($acts)->state, Appointment::of($acts)->undoable]);

        $back = Appointment::of([...$acts, 'd' => new ActTakenBack('c')]);
        self::assertSame([AppointmentState::Booked, null, 'b'], [$back->state, $back->cancelled, $back->undoable]);
        $further = Appointment::of([...$acts, 'd' => new ActTakenBack('c'), 'e' => new ActTakenBack('b')]);
        self::assertEquals([self::slot('10:00'), null], [$further->slot, $further->undoable]);
    }

    public function test_the_word_of_a_client_and_a_dog_that_came_are_not_taken_back(): void
    {
        $moved = ['a' => self::booked('10:00'), 'b' => new Moved(self::slot('11:00'))];

        self::assertNull(Appointment::of([...$moved, 'c' => new Confirmed])->undoable);
        self::assertNull(Appointment::of([...$moved, 'c' => new CameIn('visit')])->undoable);
    }

    public function test_a_cancelled_appointment_stands_again_with_a_new_time_or_waits_for_one(): void
    {
        $acts = ['a' => self::booked('10:00'), 'b' => new Cancelled(CancelledBy::Salon, 'groomer ill')];

        self::assertSame(AppointmentState::Booked, Appointment::of([...$acts, 'c' => new Moved(self::slot('12:00'))])->state);
        self::assertSame(AppointmentState::Waiting, Appointment::of([...$acts, 'c' => new Moved(new Slot(null, null, null))])->state);
    }

    /** @param array<string, AppointmentAct> $acts */
    #[DataProvider('refusals')]
    public function test_what_makes_no_sense_is_refused_and_says_why(array $acts, AppointmentAct $act, ?AppointmentRefusal $refusal): void
    {
        self::assertSame($refusal, Appointment::of(['a' => self::booked('10:00'), ...$acts])->refusal($act, new \DateTimeImmutable('2026-06-09T09:00:00Z')));
    }

    /** @return iterable<string, array{array<string, AppointmentAct>, AppointmentAct, ?AppointmentRefusal}> */
    public static function refusals(): iterable
    {
        $cancelled = ['b' => new Cancelled(CancelledBy::Client, '')];
        $here = ['b' => new CameIn('visit')];
        $waits = ['b' => new Moved(new Slot(null, null, null))];
        yield 'it stands' => [[], new Moved(self::slot('11:00')), null];
        yield 'nobody is missed before the time' => [[], new NoShow, AppointmentRefusal::NotTimeYet];
        yield 'somebody is missed after it' => [['b' => new Moved(self::slot('08:00'))], new NoShow, null];
        yield 'nobody is missed without a time' => [$waits, new NoShow, AppointmentRefusal::NoTimeYet];
        yield 'nobody confirms without a time' => [$waits, new Confirmed, AppointmentRefusal::NoTimeYet];
        yield 'it is cancelled once' => [$cancelled, new Cancelled(CancelledBy::Client, ''), AppointmentRefusal::NotOpen];
        yield 'cancelled, its note stays' => [$cancelled, new Changed(Service::FullGroom, ''), AppointmentRefusal::NotOpen];
        yield 'cancelled, it can get a time' => [$cancelled, new Moved(self::slot('11:00')), null];
        yield 'the dog is here' => [$here, new Moved(self::slot('11:00')), AppointmentRefusal::DogIsHere];
        yield 'the dog is here, nothing is taken back' => [$here, new ActTakenBack('b'), AppointmentRefusal::NothingToTakeBack];
        yield 'only the last is taken back' => [$cancelled, new ActTakenBack('a'), AppointmentRefusal::NothingToTakeBack];
        yield 'booked twice' => [[], self::booked('11:00'), AppointmentRefusal::NotOpen];
        $early = new Slot(new \DateTimeImmutable('2026-06-09T11:00:00Z'), new \DateTimeImmutable('2026-06-09T11:00:00Z'), null);
        yield 'ready when it comes' => [[], new Moved($early), AppointmentRefusal::PromiseBeforeStart];
        yield 'promised without a time' => [[], new Moved(new Slot(null, $early->promisedAt, null)), AppointmentRefusal::PromiseBeforeStart];
    }

    public function test_every_kind_of_act_is_read_as_it_was_written(): void
    {
        $acts = [
            self::booked('10:00'), new Moved(self::slot('11:00', 'imke')), new Changed(Service::BathAndBrush, 'ears'),
            new Cancelled(CancelledBy::Salon, 'ill'), new NoShow, new CameIn('v'), new Confirmed, new OtherTimeAsked('x'), new ActTakenBack('a'),
        ];

        self::assertCount(count($acts), AppointmentActs::KINDS);
        foreach ($acts as $act) {
            self::assertEquals($act, AppointmentActs::read(AppointmentActs::kind($act), AppointmentActs::write($act)));
        }
        $this->expectException(\ValueError::class);
        AppointmentActs::read('shaved', []);
    }

    public function test_an_appointment_begins_with_its_booking(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Appointment::of(['a' => new Confirmed]);
    }

    private static function booked(string $time): Booked
    {
        return new Booked(Service::FullGroom, self::slot($time), '');
    }

    private static function slot(string $time, ?string $groomer = null): Slot
    {
        return new Slot(new \DateTimeImmutable("2026-06-09T{$time}:00Z"), null, $groomer);
    }
}

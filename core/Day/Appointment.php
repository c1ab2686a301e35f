<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Day\Acts\ActTakenBack;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\Acts\CameIn;
use HoundCheck\Core\Day\Acts\Cancelled;
use HoundCheck\Core\Day\Acts\Changed;
use HoundCheck\Core\Day\Acts\Confirmed;
use HoundCheck\Core\Day\Acts\Moved;
use HoundCheck\Core\Day\Acts\NoShow;
use HoundCheck\Core\Day\Acts\OtherTimeAsked;
use HoundCheck\Core\House\Service;

/** An appointment as it stands, folded from its acts in the order in which the salon heard of them. */
final readonly class Appointment
{
    /** A dog that is not here so many minutes after its time is late. */
    public const LATE_MINUTES = 5;

    /** A dog that is brought goes home that day, or the next where it stays overnight. */
    private const PROMISE_HOURS = 36;

    /** Two times of one dog that lie closer are one. */
    public const SAME_TIME_MINUTES = 60;

    private function __construct(
        public AppointmentState $state,
        public Service $service,
        public Slot $slot,
        public string $note,
        public ?Cancelled $cancelled = null,
        public ?string $visit = null,
        public bool $isConfirmed = false,
        /** the client asked for another time, in these words; null: no */
        public ?string $asked = null,
        /** id of the act that can be taken back; null: none */
        public ?string $undoable = null,
    ) {}

    /**
     * @param array<string, AppointmentAct> $acts by id, in order; the first books it
     *
     * @throws \InvalidArgumentException when the first act books nothing
     */
    public static function of(array $acts): self
    {
        $withdrawn = [];
        foreach ($acts as $act) {
            if ($act instanceof ActTakenBack) {
                $withdrawn[$act->act] = true;
            }
        }
        $first = reset($acts);
        if (! $first instanceof Booked) {
            throw new \InvalidArgumentException('unbooked');
        }
        $stands = new self(self::stateOf($first->slot), $first->service, $first->slot, $first->note);
        foreach (array_slice($acts, 1, null, true) as $id => $act) {
            if (! isset($withdrawn[$id])) {
                $stands = $stands->after((string) $id, $act);
            }
        }

        return $stands;
    }

    /** What keeps an act from being taken; null: nothing. */
    public function refusal(AppointmentAct $act, \DateTimeImmutable $now): ?AppointmentRefusal
    {
        $noTime = $this->slot->startsAt === null ? AppointmentRefusal::NoTimeYet : null;

        return match (true) {
            $act instanceof ActTakenBack => $this->undoable === $act->act ? null : AppointmentRefusal::NothingToTakeBack,
            $this->state === AppointmentState::Arrived => AppointmentRefusal::DogIsHere,
            $act instanceof Booked => AppointmentRefusal::NotOpen,
            $act instanceof Moved => self::refusalOf($act->slot),
            ! $this->state->isOpen() => AppointmentRefusal::NotOpen,
            $act instanceof NoShow => $noTime ?? ($now < $this->slot->startsAt ? AppointmentRefusal::NotTimeYet : null),
            $act instanceof Confirmed, $act instanceof OtherTimeAsked => $noTime,
            default => null,
        };
    }

    /** Whether a time can be given at all. */
    public static function refusalOf(Slot $slot): ?AppointmentRefusal
    {
        return match (true) {
            $slot->promisedAt === null => null,
            $slot->startsAt === null || $slot->promisedAt <= $slot->startsAt => AppointmentRefusal::PromiseBeforeStart,
            $slot->promisedAt > $slot->startsAt->modify('+'.self::PROMISE_HOURS.' hours') => AppointmentRefusal::PromiseIsFar,
            default => null,
        };
    }

    private function after(string $id, AppointmentAct $act): self
    {
        return match (true) {
            $act instanceof Moved => $this->with([
                'state' => self::stateOf($act->slot),
                'slot' => $act->slot,
                'cancelled' => null,
                // Another time is another question; a change of hands alone is none.
                'isConfirmed' => $this->isConfirmed && $act->slot->startsAt?->getTimestamp() === $this->slot->startsAt?->getTimestamp(),
                'asked' => null,
                'undoable' => $id,
            ]),
            $act instanceof Changed => $this->with(['service' => $act->service, 'note' => $act->note, 'undoable' => $id]),
            $act instanceof Cancelled => $this->with(['state' => AppointmentState::Cancelled, 'cancelled' => $act, 'undoable' => $id]),
            $act instanceof NoShow => $this->with(['state' => AppointmentState::NoShow, 'undoable' => $id]),
            $act instanceof CameIn => $this->with(['state' => AppointmentState::Arrived, 'visit' => $act->visit, 'undoable' => null]),
            $act instanceof Confirmed => $this->with(['isConfirmed' => true, 'asked' => null, 'undoable' => null]),
            $act instanceof OtherTimeAsked => $this->with(['isConfirmed' => false, 'asked' => $act->words, 'undoable' => null]),
            default => $this,
        };
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    private static function stateOf(Slot $slot): AppointmentState
    {
        return $slot->startsAt === null ? AppointmentState::Waiting : AppointmentState::Booked;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Visit\FeetInVisit;
use HoundCheck\Core\Visit\OtherWork;
use HoundCheck\Core\Visit\VisitReport;

/**
 * What the day has to know of a visit, as it was at the last mark; times are unix seconds, minutes of the table are
 * uncorrected forecasts.
 *
 * Kept with the visit, so that the list of the day reads no marks.
 */
final readonly class DayFacts
{
    public function __construct(
        public bool $closed,
        public bool $inspected,
        public int $toCheck,
        public int $undecided,
        public bool $agreed,
        public ?int $shownAt,
        public ?string $answer,
        public ?int $answeredAt,
        public bool $begun,
        public bool $handsOn,
        public bool $gateOpen,
        public bool $cleared,
        public int $passed,
        public int $parked,
        public bool $spent,
        public float $workedMinutes,
        public float $forecastMinutes,
        public float $leftMinutes,
        public float $bathMinutes,
        public float $dryMinutes,
        public ?int $bathAt,
        public bool $bathed,
        public ?int $dryingAt,
        public int $areasDry,
        public int $secondLeft,
        public bool $signedOff,
        public int $lastAt,
        public string $lastDay,
        public int $slotMinutes,
        public float $standsMinutes,
        public float $restMinutes,
        public float $stoodMinutes,
        public bool $goesOn,
        public bool $doneForToday,
        public bool $brushedAfterDrying,
        public bool $fleas,
        public float $arrivalMinutes,
        public float $secondCheckMinutes,
        public float $finishMinutes,
        public float $strippingMinutes,
        public float $cleanUpMinutes,
        public ?string $turnMark,
        public bool $isNext,
        public ?string $promiseMark,
        public ?string $promiseTold,
        public ?int $readyToldAt,
        public float $onItsFeetMinutes,
        public float $mostOnItsFeetMinutes,
    ) {}

    public static function of(VisitReport $visit, \DateTimeImmutable $lastAt): self
    {
        $state = $visit->state;
        $bath = $state->bath;
        $answer = $state->agreement->answer;
        $other = new OtherWork($visit);
        $feet = FeetInVisit::of($visit);
        $notToday = $bath->isWet() ? [] : $feet->way?->leavesOut() ?? [];
        $today = fn(string $step, float $minutes): float => in_array($step, $notToday, true) ? 0.0 : $minutes;

        return new self(
            $state->leaving->closing !== null,
            $state->combed->checks !== [],
            count($visit->atInspection->toCheck()),
            count($visit->totals->undecided) + count($visit->totals->notOnOffer) + count($visit->stuck()),
            $visit->isAgreed(),
            $state->agreement->latest?->at->getTimestamp(),
            $answer?->what->answer->value,
            $answer?->at->getTimestamp(),
            $state->run->hasBegun(),
            $state->run->current() !== null && ! $state->run->isPaused(),
            $visit->gate($lastAt)->isOpen(),
            $visit->isCleared($lastAt),
            count(array_filter(
                Section::cases(),
                fn(Section $section): bool => $state->run->at($section)->isDone()
                    || (! $state->run->hasBegun() && $visit->atInspection->grade($section) === Grade::Clear),
            )),
            count($state->run->parked),
            $visit->borne->isSpent(),
            $state->run->seconds() / 60,
            $visit->minutes(),
            $visit->minutesLeft(),
            $today('bath', $visit->fromHere->effort->bathMinutes() + $bath->contactMinutes()),
            $today('dry', $visit->dryMinutes()),
            ($bath->steps['rinsed_first'] ?? null)?->at->getTimestamp(),
            $bath->isBathed(),
            $bath->drying?->at->getTimestamp(),
            count($bath->dried),
            count($bath->toCombAgain($visit->held)),
            $bath->signedOff !== null,
            $lastAt->getTimestamp(),
            $visit->dayOf($lastAt),
            $state->arrival->slotMinutes(),
            $visit->fromHere->standing()->minutes,
            $visit->fromHere->standing()->restMinutes,
            $state->hands->feet->seconds / 60,
            $state->later() !== [],
            $visit->gate($lastAt)->isShutByALaterVisitOnly(),
            $state->run->scope === RunScope::LightCheckFirst,
            $other->hasFleas(),
            $other->arrival(),
            $today('check', $other->secondCheck()),
            $today('finish', $other->finish()),
            $other->stripping(),
            $other->cleanUp(),
            $state->hands->arranged->turn?->id,
            $state->hands->arranged->turn?->what->isNext === true,
            $state->hands->arranged->promise?->id,
            $state->hands->arranged->promise?->what->told->value,
            $state->hands->arranged->readyTold?->at->getTimestamp(),
            $feet->minutes,
            $feet->limitMinutes,
        );
    }

    /**
     * @param array<string, mixed> $facts as `toArray()` writes them
     *
     * @return self|null null: written by another version, with other fields
     */
    public static function fromArray(array $facts): ?self
    {
        return array_diff_key(get_class_vars(self::class), $facts) === [] && count($facts) === count(get_class_vars(self::class))
            ? new self(...$facts)
            : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** Table minutes worked beyond the forecast; 0 within it. */
    public function overMinutes(GroomerClocks $clocks): float
    {
        return max(0.0, $this->workedMinutes - $this->forecastMinutes * $clocks->table->factor());
    }

    /**
     * @param int $now unix seconds
     * @param string $today as the salon has it, such as 2026-06-09
     * @param int|null $promisedAt unix seconds
     * @param GroomerClocks $clocks of whoever has the dog, for this kind of coat
     */
    public function at(int $now, string $today, ?int $promisedAt, EffortRates $rates, GroomerClocks $clocks): Attention
    {
        $facts = $this->on($today);
        $clock = new DayClock($facts, $now, $rates, $clocks);
        $need = $facts->need();
        $in = $facts->waitsFor($need, $clock, $promisedAt, $now);

        return new Attention(
            $need,
            $in,
            $in > 0 || $need === Need::Nothing ? null : $facts->since($need),
            $need === Need::Nothing || $need === Need::HandOver ? null : $clock->work($need),
            $need === Need::Nothing ? null : $clock->ready(),
            $facts->isGuess(),
            // Whoever is on a table already stays there.
            $facts->fleas && ! $facts->begun && $need !== Need::Nothing,
        );
    }

    /** The step that somebody has in hand at this moment, as far as the marks tell; null: nobody. */
    public function inHand(DayClock $clock): ?Step
    {
        $need = $this->need();

        return match (true) {
            $need === Need::RinseOut => Step::Bath,
            $need === Need::DryToTheSkin => Step::Dry,
            $this->handsOn => Step::Brush,
            ! $clock->isAtIt() => null,
            $need === Need::FinishInspection => Step::Inspect,
            $need === Need::SecondCombCheck => Step::Check,
            $need === Need::Finish => Step::Finish,
            default => null,
        };
    }

    /** @param string $today as the salon has it, such as 2026-06-09 */
    public function needOn(string $today): Need
    {
        return $this->on($today)->need();
    }

    /** Before inspection and plan the table minutes are a guess from the slot. */
    public function isGuess(): bool
    {
        return ! $this->closed && ! $this->bathed && ($this->toCheck > 0 || $this->undecided > 0);
    }

    /** As they stand on a day, such as 2026-06-09: what was passed the day before is checked again before a bath. */
    public function on(string $today): self
    {
        if ($this->lastDay === $today || $this->bathed || ! ($this->cleared || $this->gateOpen)) {
            return $this;
        }

        return new self(...['gateOpen' => false, 'cleared' => false, 'handsOn' => false, 'passed' => 0] + get_object_vars($this));
    }

    private function need(): Need
    {
        return match (true) {
            $this->closed => Need::Nothing,
            $this->signedOff => Need::HandOver,
            $this->bathed && $this->areasDry === count(DryArea::cases()) => $this->secondLeft > 0 ? Need::SecondCombCheck : Need::Finish,
            $this->bathed => $this->dryingAt === null ? Need::Dry : Need::DryToTheSkin,
            $this->bathAt !== null => Need::RinseOut,
            $this->cleared => Need::Bath,
            ! $this->inspected => Need::Inspection,
            $this->toCheck > 0 => Need::FinishInspection,
            default => $this->needOfThePlan(),
        };
    }

    private function needOfThePlan(): Need
    {
        $asked = $this->shownAt !== null && ! $this->agreed;
        $refused = $asked && $this->answer !== null && $this->answer !== ClientAnswer::Yes->value;

        return match (true) {
            $refused => Need::Reply,
            $asked && $this->answer === null => Need::Answer,
            $this->undecided > 0 => $this->begun ? Need::PlanFromHere : Need::Decide,
            ! $this->agreed => Need::ShowPlan,
            ! $this->begun => Need::Table,
            // No bath before the last of several visits.
            $this->doneForToday => Need::Finish,
            $this->gateOpen => Need::ClearForBath,
            $this->handsOn => Need::BathGate,
            default => Need::HandsOnAgain,
        };
    }

    private function waitsFor(Need $need, DayClock $clock, ?int $promisedAt, int $now): float
    {
        return match ($need) {
            Need::BathGate, Need::RinseOut, Need::DryToTheSkin => $clock->work($need)->likely,
            // Somebody combed a moment ago: they are at it.
            Need::FinishInspection, Need::SecondCombCheck => $clock->isAtIt() ? $clock->work($need)->likely : 0.0,
            Need::HandOver => $promisedAt === null ? 0.0 : max(0.0, ($promisedAt - $now) / 60),
            default => 0.0,
        };
    }

    private function since(Need $need): int
    {
        return match ($need) {
            Need::Answer => $this->shownAt,
            Need::Reply => $this->answeredAt,
            default => null,
        } ?? $this->lastAt;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Arrival;

use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Marks\Kinds\ArrivalAnswered;
use HoundCheck\Core\Marks\Kinds\Arrived;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\ArrivalAnswers;
use HoundCheck\Core\Marks\Words\Unasked;
use HoundCheck\Core\Plan\ClipConsent;

/** How the dog came in, and what was asked then. */
final readonly class AtArrival
{
    /**
     * @param Mark<Arrived>|null $mark null: nothing has arrived of it yet
     * @param array<string, mixed> $said the latest of each question; null where an answer was taken back
     */
    private function __construct(public ?Mark $mark, private array $said, public ArrivalAnswers $answers) {}

    public static function none(): self
    {
        return new self(null, [], new ArrivalAnswers);
    }

    /** @param Mark<Payload> $mark */
    public function after(Mark $mark): self
    {
        $what = $mark->what;
        if ($what instanceof Arrived) {
            return new self($this->mark ?? $mark->of(Arrived::class), $this->said, $this->answers);
        }
        if ($what instanceof ArrivalAnswered) {
            $said = [...$this->said, ...$what->changes];

            return new self($this->mark, $said, new ArrivalAnswers(...$said));
        }

        return $this;
    }

    /**
     * @return Mark<Arrived>
     *
     * @throws VisitHasNotArrived
     */
    public function cameIn(): Mark
    {
        return $this->mark ?? throw VisitHasNotArrived::noArrivalAmongMarks();
    }

    public function dog(): Dog
    {
        return $this->answers->of($this->cameIn()->what->dog);
    }

    public function service(): Service
    {
        return $this->answers->service ?? Service::FullGroom;
    }

    public function finishStyle(): FinishStyle
    {
        return $this->answers->finishStyle ?? FinishStyle::usual($this->dog()->coat);
    }

    /** Back trouble, bloat risk, late pregnancy, or heart or airway trouble: such a dog is never laid on its back. */
    public function neverOnTheBack(): bool
    {
        return $this->answers->neverOnTheBack === true
            || in_array(HealthFact::HeartOrAirway, $this->dog()->health, true)
            || in_array(HealthFact::PregnantOrNursing, $this->dog()->health, true);
    }

    /** @return list<Unasked> nobody has answered it, and it is not assumed */
    public function toAsk(): array
    {
        return array_values(array_filter(
            $this->cameIn()->what->asks,
            fn(Unasked $one): bool => ! $one->isAnsweredBy($this->answers),
        ));
    }

    public function slotMinutes(): int
    {
        return $this->answers->slotMinutes ?? $this->cameIn()->what->slotMinutes;
    }

    /** Until the client said otherwise, each clip is asked first. */
    public function consent(): ClipConsent
    {
        return $this->answers->consent ?? ClipConsent::Ask;
    }
}

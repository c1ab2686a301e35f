<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\PlanShown;

/**
 * The plans that were put to the client, and what the client said.
 *
 * What was agreed stays agreed while a later plan waits for its answer; a no takes back a yes to the same plan, whichever is
 * shown now.
 */
final readonly class Agreement
{
    /**
     * @param array<string, Mark<PlanShown>> $shown by mark id
     * @param Mark<PlanShown>|null $latest
     * @param Mark<AnswerGiven>|null $answer to the latest
     * @param Choices|null $agreed what the client last said yes to
     * @param string|null $agreedPlanId the plan that this yes was given to
     * @param Mark<AnswerGiven>|null $said what the client said last that counts, to whichever plan
     */
    public function __construct(
        public array $shown = [],
        public ?Mark $latest = null,
        public ?Mark $answer = null,
        public ?Choices $agreed = null,
        private ?string $agreedPlanId = null,
        public ?Mark $said = null,
    ) {}

    /** @param Mark<PlanShown> $mark */
    public function show(Mark $mark): self
    {
        return new self([...$this->shown, $mark->id => $mark], $mark, null, $this->agreed, $this->agreedPlanId, $this->said);
    }

    /** @param Mark<AnswerGiven> $mark */
    public function answer(Mark $mark): self
    {
        $given = $mark->what;
        $answer = $this->latest?->id === $given->planId ? $mark : $this->answer;

        return match (true) {
            // A yes to an older plan says nothing about this one.
            $given->answer === ClientAnswer::Yes && $this->latest?->id === $given->planId => new self(
                $this->shown,
                $this->latest,
                $answer,
                $this->latest->what->choices,
                $given->planId,
                $mark,
            ),
            $given->answer === ClientAnswer::No && $this->agreedPlanId === $given->planId => new self($this->shown, $this->latest, $answer, said: $mark),
            default => new self(
                $this->shown,
                $this->latest,
                $answer,
                $this->agreed,
                $this->agreedPlanId,
                $answer === $mark ? $mark : $this->said,
            ),
        };
    }
}

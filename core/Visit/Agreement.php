<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Arrival\AtArrival;
use HoundCheck\Core\Marks\Kinds\AnswerGiven;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\AnswerVia;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Marks\Words\Terms;
use HoundCheck\Core\Plan\ClipConsent;

/**
 * The plans that were put to the client, and what the client said: one value, so that nothing of it changes alone.
 *
 * A yes is to the terms of the plan that it was given to. A no, from whichever contact and to whichever plan, stands until a new
 * yes of the client's, over every permission. What was agreed stays agreed while a later plan waits for its answer.
 */
final readonly class Agreement
{
    /**
     * @param array<string, Mark<PlanShown>> $shown by mark id
     * @param array<string, Terms> $terms what they came to, by mark id
     * @param Mark<PlanShown>|null $latest
     * @param Mark<AnswerGiven>|null $answer since the latest was shown: to it, or a no to an earlier one
     * @param Mark<AnswerGiven>|null $yes in force, to `$agreed`
     * @param Mark<AnswerGiven>|null $no that stands
     * @param Mark<AnswerGiven>|null $said what the client said last that counts, to whichever plan
     * @param ClipConsent|null $permission what may be cut without asking, as the client last knew of it; null: no plan was shown yet
     */
    private function __construct(
        public array $shown,
        private array $terms,
        public ?Mark $latest,
        public ?Mark $answer,
        public ?Terms $agreed,
        public ?Mark $yes,
        public ?Mark $no,
        public ?Mark $said,
        private ?ClipConsent $permission,
    ) {}

    public static function none(): self
    {
        return new self([], [], null, null, null, null, null, null, null);
    }

    /** @param Mark<Payload> $mark */
    public function after(Mark $mark, AtArrival $arrival): self
    {
        $what = $mark->what;

        return match (true) {
            $what instanceof PlanShown => $this->show($mark->of(PlanShown::class), $what->terms ?? self::termsBefore($what, $arrival)),
            $what instanceof AnswerGiven => $this->answer($mark->of(AnswerGiven::class)),
            default => $this,
        };
    }

    /** Of a plan that was shown before its terms were kept with it: what it cost then is not known. */
    private static function termsBefore(PlanShown $shown, AtArrival $arrival): Terms
    {
        return new Terms($shown->choices, null, null, $arrival->dog()->weightKg, $arrival->answers->feeLimitCents, $arrival->consent());
    }

    /**
     * @param Mark<PlanShown> $mark
     * @param Terms $terms what it came to
     */
    private function show(Mark $mark, Terms $terms): self
    {
        return new self(
            [...$this->shown, $mark->id => $mark],
            [...$this->terms, $mark->id => $terms],
            $mark,
            null,
            $this->agreed,
            $this->yes,
            $this->no,
            $this->said,
            $this->permission ?? $terms->permission,
        );
    }

    /** @param Mark<AnswerGiven> $mark */
    private function answer(Mark $mark): self
    {
        $given = $mark->what;
        $isToTheLatest = $this->latest?->id === $given->planId;

        return match (true) {
            $given->answer === ClientAnswer::No => $this->with($mark, null, null, $mark, $this->permission),
            // A yes to an older plan says nothing about this one.
            ! $isToTheLatest => $this,
            // Nobody asked: it takes back no no, and allows no more than was allowed.
            $given->answer === ClientAnswer::Yes && $given->via === AnswerVia::Standing => $this->no === null
                ? $this->with($mark, $this->terms[$given->planId], $mark, null, $this->permission)
                : $this,
            $given->answer === ClientAnswer::Yes => $this->with(
                $mark,
                $this->terms[$given->planId],
                $mark,
                null,
                $this->terms[$given->planId]->permission,
            ),
            default => $this->with($mark, $this->agreed, $this->yes, $this->no, $this->permission),
        };
    }

    public function termsOf(string $planId): ?Terms
    {
        return $this->terms[$planId] ?? null;
    }

    /** What may be cut without asking: once a plan was shown, more is allowed only with a yes to it. */
    public function permission(ClipConsent $now): ClipConsent
    {
        return $this->permission !== null && $now->isWiderThan($this->permission) ? $this->permission : $now;
    }

    /**
     * @param Mark<AnswerGiven> $said
     * @param Mark<AnswerGiven>|null $yes
     * @param Mark<AnswerGiven>|null $no
     */
    private function with(Mark $said, ?Terms $agreed, ?Mark $yes, ?Mark $no, ?ClipConsent $permission): self
    {
        return new self($this->shown, $this->terms, $this->latest, $said, $agreed, $yes, $no, $said, $permission);
    }
}

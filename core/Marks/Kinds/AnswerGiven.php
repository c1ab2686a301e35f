<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\AnswerVia;
use HoundCheck\Core\Marks\Words\ClientAnswer;

/** The client's answer to a plan that was shown: which plan, what, how, who gave it, and the signature where there is one. */
#[Kind(Phase::Plan, who: Who::Groomer)]
final readonly class AnswerGiven implements Payload
{
    /** Nothing but strokes is kept: what is drawn from it later can hold nothing else. */
    private const STROKES = '^([ML]\d{1,3},\d{1,3})*$';

    /** @param string|null $signature strokes as an SVG path in a field of 300 by 90 */
    public function __construct(
        #[Text(26)]
        public string $planId,
        public ClientAnswer $answer,
        public AnswerVia $via,
        #[Text(120)]
        public string $who,
        #[Text(500)]
        public ?string $note,
        #[Text(6000, self::STROKES, MarkProblem::NotStrokes)]
        public ?string $signature,
    ) {}

    /** It ends with a yes by link, or with one at the counter that is told to the client; never by undo. */
    public function isNoByLink(): bool
    {
        return $this->via === AnswerVia::Link && $this->answer === ClientAnswer::No;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Visit\AnswerVia;
use HoundCheck\Core\Visit\ClientAnswer;

/** The client's answer to a plan that was shown: which plan, what, how, who gave it, and the signature where there is one. */
final readonly class AnswerGiven implements Payload
{
    private const SIGNATURE_LONGEST = 6000;

    /** @param string|null $signature strokes as an SVG path in a field of 300 by 90 */
    public function __construct(
        public string $planId,
        public ClientAnswer $answer,
        public AnswerVia $via,
        public string $who,
        public ?string $note,
        public ?string $signature,
    ) {}

    /** It ends with a yes by link, or with one at the counter that is told to the client; never by undo. */
    public function isNoByLink(): bool
    {
        return $this->via === AnswerVia::Link && $this->answer === ClientAnswer::No;
    }

    public static function read(PayloadReader $reader): static
    {
        $given = new self(
            $reader->text('planId', 26),
            $reader->one('answer', ClientAnswer::class),
            $reader->one('via', AnswerVia::class),
            $reader->text('who', 120),
            $reader->optionalText('note', 500),
            self::strokes($reader->optionalText('signature', self::SIGNATURE_LONGEST)),
        );
        $reader->finish();

        return $given;
    }

    /** Nothing but strokes is kept: what is drawn from it later can hold nothing else. */
    private static function strokes(?string $signature): ?string
    {
        if ($signature !== null && preg_match('/^(?:[ML]\d{1,3},\d{1,3})+$/', $signature) !== 1) {
            throw UnreadableMark::field('signature', MarkProblem::NotStrokes);
        }

        return $signature;
    }
}

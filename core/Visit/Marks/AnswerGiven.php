<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Visit\AnswerVia;
use HoundCheck\Core\Visit\ClientAnswer;
use HoundCheck\Core\Visit\PayloadReader;

/** The client's answer to a plan that was shown: which plan, what, how, and who gave it. */
final readonly class AnswerGiven implements Payload
{
    public function __construct(
        public string $planId,
        public ClientAnswer $answer,
        public AnswerVia $via,
        public string $who,
        public ?string $note,
    ) {}

    public static function read(PayloadReader $reader): static
    {
        $given = new self(
            $reader->text('planId', 26),
            $reader->one('answer', ClientAnswer::class),
            $reader->one('via', AnswerVia::class),
            $reader->text('who', 120),
            $reader->optionalText('note', 500),
        );
        $reader->finish();

        return $given;
    }
}

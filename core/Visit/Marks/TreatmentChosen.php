<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\UnknownTreatment;
use HoundCheck\Core\Table\MatCause;

/** The groomer fixed what is done to a section; departing from an agreed plan, with the reason. */
final readonly class TreatmentChosen implements Payload
{
    public function __construct(public Treatment $treatment, public ?string $reason = null, public ?MatCause $because = null) {}

    public function saysWhy(): bool
    {
        return $this->reason !== null || $this->because !== null;
    }

    public static function read(PayloadReader $reader): static
    {
        try {
            $chosen = new self(
                Treatment::fromCode($reader->text('treatment', 12)),
                $reader->optionalText('reason', 500),
                $reader->optionalOne('because', MatCause::class),
            );
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field('treatment', MarkProblem::UnknownTreatment, ['given' => $unknown->given]);
        }
        $reader->finish();

        return $chosen;
    }
}

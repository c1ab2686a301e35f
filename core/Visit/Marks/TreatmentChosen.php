<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\UnknownTreatment;
use HoundCheck\Core\Visit\PayloadReader;
use HoundCheck\Core\Visit\UnreadableMark;

/** The groomer chose what is done to a section. */
final readonly class TreatmentChosen implements Payload
{
    public function __construct(public Treatment $treatment) {}

    public static function read(PayloadReader $reader): static
    {
        try {
            $chosen = new self(Treatment::fromCode($reader->text('treatment', 12)));
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field('treatment', $unknown->getMessage());
        }
        $reader->finish();

        return $chosen;
    }
}

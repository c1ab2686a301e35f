<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\UnknownTreatment;
use HoundCheck\Core\Visit\PayloadReader;
use HoundCheck\Core\Visit\UnreadableMark;

/** A whole plan was put to the client: exactly these choices. */
final readonly class PlanShown implements Payload
{
    public function __construct(public Choices $choices) {}

    public static function read(PayloadReader $reader): static
    {
        $codes = $reader->optionalMap('choices') ?? throw UnreadableMark::field('choices', 'is needed');
        foreach ($codes as $code) {
            if (! is_string($code)) {
                throw UnreadableMark::field('choices', 'must give a treatment by section');
            }
        }
        try {
            $shown = new self(Choices::fromCodes($codes));
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field('choices', $unknown->getMessage());
        }
        $reader->finish();

        return $shown;
    }
}

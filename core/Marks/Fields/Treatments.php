<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\UnknownTreatment;

/** A treatment by section id. One that was stored stays readable where a section is no more. */
final readonly class Treatments extends ForSections
{
    public function read(string $name, mixed $value, bool $stored): Choices
    {
        $codes = $this->map($name, $value);
        foreach ($codes as $id => $code) {
            if (! is_string($code)) {
                throw UnreadableMark::field($name, MarkProblem::NoTreatmentBySection);
            }
            if (Section::tryFrom((string) $id) === null) {
                if (! $stored) {
                    throw UnreadableMark::field($name, MarkProblem::UnknownSection, ['given' => (string) $id]);
                }
                unset($codes[$id]);
            }
        }
        try {
            return Choices::fromCodes($codes);
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field($name, MarkProblem::UnknownTreatment, ['given' => $unknown->given]);
        }
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return $read instanceof Choices ? $read->codes() : $sent;
    }

    protected function schemaOfOne(): array
    {
        return TreatmentCode::SCHEMA;
    }
}

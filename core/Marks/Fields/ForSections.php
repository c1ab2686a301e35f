<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** Something for each of some sections, by their ids. */
abstract readonly class ForSections extends PayloadField
{
    public function schema(): array
    {
        return [
            'type' => 'object',
            'propertyNames' => (new OneOf(Section::class))->schema(),
            'additionalProperties' => $this->schemaOfOne(),
        ];
    }

    /** @return array<string, mixed> in JSON Schema, at one section */
    abstract protected function schemaOfOne(): array;

    /** @return array<string, mixed> */
    protected function map(string $name, mixed $value): array
    {
        if (! is_array($value) || ($value !== [] && array_is_list($value)) || count($value) > self::LONGEST_LIST) {
            throw UnreadableMark::field($name, MarkProblem::NotAnObject);
        }

        return $value;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** Lengths of hair in mm by section id. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Lengths extends ForSections
{
    private const SHORTEST_MM = 1;

    private const LONGEST_MM = 500;

    /** @return array<string, float> */
    public function read(string $name, mixed $value, bool $stored): array
    {
        $lengths = [];
        foreach ($this->map($name, $value) as $id => $mm) {
            if (Section::tryFrom((string) $id) === null || ! is_numeric($mm) || $mm < self::SHORTEST_MM || $mm > self::LONGEST_MM) {
                throw UnreadableMark::field($name, MarkProblem::NoLengthsBySection);
            }
            $lengths[(string) $id] = (float) $mm;
        }

        return $lengths;
    }

    protected function schemaOfOne(): array
    {
        return ['type' => 'number', 'minimum' => self::SHORTEST_MM, 'maximum' => self::LONGEST_MM];
    }
}

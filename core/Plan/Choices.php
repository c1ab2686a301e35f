<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;

/** One treatment for each of some sections, in the fixed order of the sections. */
final readonly class Choices
{
    /** @param array<string, Treatment> $bySection by section id */
    private function __construct(public array $bySection) {}

    /** @param array<string, Treatment> $bySection */
    public static function of(array $bySection): self
    {
        $ordered = [];
        foreach (Section::cases() as $section) {
            if (isset($bySection[$section->value])) {
                $ordered[$section->value] = $bySection[$section->value];
            }
        }

        return new self($ordered);
    }

    /**
     * @param array<string, string> $codes treatment codes by section id
     *
     * @throws UnknownTreatment
     */
    public static function fromCodes(array $codes): self
    {
        return self::of(array_map(Treatment::fromCode(...), $codes));
    }

    /** @return array<string, string> treatment codes by section id */
    public function codes(): array
    {
        return array_map(fn(Treatment $treatment): string => $treatment->code(), $this->bySection);
    }

    public function for(Section $section): ?Treatment
    {
        return $this->bySection[$section->value] ?? null;
    }

    public function equals(self $other): bool
    {
        return $this->codes() === $other->codes();
    }
}

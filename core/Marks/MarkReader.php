<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Fields\Shape;

/** Reads marks of every kind as their classes declare them. It remembers what it has looked up: one for many marks. */
final class MarkReader
{
    /** @var array<string, array{Kind, Shape}> by name of the kind */
    private array $known = [];

    /**
     * @param string $id ULID made by the device
     * @param array<string, mixed> $payload as it was sent, or stored
     * @param bool $stored it was taken once: what an earlier version let in is read as well as can be
     *
     * @return Mark<Payload>
     *
     * @throws UnreadableMark
     */
    public function read(
        MarkKind $kind,
        string $id,
        ?string $section,
        \DateTimeImmutable $at,
        string $by,
        array $payload,
        string $device = '',
        bool $stored = false,
    ): Mark {
        [$declared, $shape] = $this->known[$kind->value] ??= [$kind->declared(), Shape::of($kind->payload())];
        $place = self::section($declared, $section);
        [$what, $kept] = $shape->read($payload, $stored);

        return new Mark($id, $kind->value, $declared, $what, $place, $at, $by, $device, $kept);
    }

    private static function section(Kind $declared, ?string $section): ?Section
    {
        $no = fn(MarkProblem $problem, array $figures = []): UnreadableMark => UnreadableMark::field('section', $problem, $figures);
        $place = $section === null ? null : (Section::tryFrom($section) ?? throw $no(MarkProblem::UnknownSection, ['given' => $section]));

        return match (true) {
            $declared->place === Place::Section && $place === null => throw $no(MarkProblem::SectionNeeded),
            $declared->place === Place::Visit && $place !== null => throw $no(MarkProblem::SectionNotForThisKind),
            default => $place,
        };
    }
}

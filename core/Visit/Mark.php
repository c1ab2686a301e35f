<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;

/** One thing a person recorded about a visit. Never altered; undoing is another mark that withdraws it. */
final readonly class Mark
{
    /**
     * @param string $id ULID made by the device, so that sending twice stores once
     * @param \DateTimeImmutable $at time of the hand
     * @param string $by who, as the salon calls them
     */
    public function __construct(
        public string $id,
        public MarkKind $kind,
        public ?Section $section,
        public \DateTimeImmutable $at,
        public string $by,
        public Payload $payload,
    ) {}

    /**
     * @param array<string, mixed> $payload
     *
     * @throws UnreadableMark
     */
    public static function read(string $id, MarkKind $kind, ?string $section, \DateTimeImmutable $at, string $by, array $payload): self
    {
        $place = $section === null ? null : (Section::tryFrom($section) ?? throw UnreadableMark::field('section', 'is not one of the 30 sections'));
        if ($kind->needsSection() === true && $place === null) {
            throw UnreadableMark::field('section', 'is needed for this kind of mark');
        }
        if ($kind->needsSection() === false && $place !== null) {
            throw UnreadableMark::field('section', 'does not belong to this kind of mark');
        }

        return new self($id, $kind, $place, $at, $by, $kind->payloadClass()::read(new PayloadReader($payload)));
    }
}

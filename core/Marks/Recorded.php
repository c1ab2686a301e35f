<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\Coat\Section;

/**
 * A mark that counts: its content, and who recorded it when and where.
 *
 * @template-covariant T of Payload
 */
final readonly class Recorded
{
    /** @param T $what */
    public function __construct(
        public string $id,
        public Payload $what,
        public ?Section $section,
        public \DateTimeImmutable $at,
        public string $by,
    ) {}
}

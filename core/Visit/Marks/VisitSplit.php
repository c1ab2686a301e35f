<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;

/** The work is divided: this visit, and places that are left for a later one. */
final readonly class VisitSplit implements Payload
{
    /**
     * @param int $of visits from this one on, 2 or 3
     * @param list<Section> $later left for a later visit
     */
    public function __construct(public int $of, public array $later) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self(
            $reader->optionalWhole('of', 2, 3) ?? throw UnreadableMark::isNeeded('of'),
            $reader->several('later', Section::class),
        );
        $reader->finish();

        return $read;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** Something was seen or felt on the skin at a section. A finding, never a diagnosis; open until closed. */
final readonly class FindingNoted implements Payload
{
    /** @param bool $isSpot 3 cm around it are left alone and the rest is worked; else it is the whole place */
    public function __construct(public FindingKind $kind, public ?string $note, public ?float $sizeMm, public bool $isSpot = false) {}

    public static function read(PayloadReader $reader): static
    {
        $finding = new self(
            $reader->finding('kind'),
            $reader->optionalText('note', 500),
            $reader->optionalNumber('sizeMm', 0, 500),
            $reader->optionalBool('spot') ?? false,
        );
        $reader->finish();

        return $finding;
    }
}

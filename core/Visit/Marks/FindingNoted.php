<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** Something was seen or felt on the skin at a section. A finding, never a diagnosis; open until closed. */
final readonly class FindingNoted implements Payload
{
    public function __construct(public FindingKind $kind, public ?string $note, public ?float $sizeMm) {}

    public static function read(PayloadReader $reader): static
    {
        $finding = new self(
            $reader->one('kind', FindingKind::class),
            $reader->optionalText('note', 500),
            $reader->optionalNumber('sizeMm', 0, 500),
        );
        $reader->finish();

        return $finding;
    }
}

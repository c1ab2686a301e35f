<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Plan\BladeResult;
use HoundCheck\Core\Plan\BladeTry;

/** A blade was tried on the worst spot of a section. */
final readonly class BladeTried implements Payload
{
    public function __construct(public BladeTry $try) {}

    public static function read(PayloadReader $reader): static
    {
        $tried = new self(new BladeTry(
            $reader->optionalNumber('mm', 0.5, 60) ?? throw UnreadableMark::isNeeded('mm'),
            $reader->one('result', BladeResult::class),
        ));
        $reader->finish();

        return $tried;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** Groups of places that shall all be of one length after the groom; the latest list counts. */
final readonly class EvenWanted implements Payload
{
    /** @param list<EvenGroup> $groups */
    public function __construct(public array $groups) {}

    public static function read(PayloadReader $reader): static
    {
        $wanted = new self($reader->several('groups', EvenGroup::class));
        $reader->finish();

        return $wanted;
    }
}

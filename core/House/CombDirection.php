<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\BodyPart;

/** Which way brush and comb go. */
enum CombDirection: string
{
    case WithTheLay = 'with_the_lay';
    /** Against the lay too, to lift felted undercoat. */
    case AlsoAgainst = 'also_against';
    case PartedBothWays = 'parted_both_ways';

    /** Breeches are parted and combed both ways whatever the house's school. */
    public function at(BodyPart $part): self
    {
        return $part === BodyPart::Breeches ? self::PartedBothWays : $this;
    }
}

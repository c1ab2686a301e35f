<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\Posture;

/** The dog lies down, or stands again. */
#[Kind(Phase::Bath, handsOn: true)]
final readonly class PostureTaken implements Payload
{
    public function __construct(public Posture $posture) {}
}

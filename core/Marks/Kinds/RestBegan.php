<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;

/** The dog is down from the table and rests, until hands are on it again. */
#[Kind(Phase::Bath)]
final readonly class RestBegan implements Payload {}

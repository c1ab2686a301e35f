<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** Marks that a fold was kept after: asked for only where something among them is spoken of again. */
interface EarlierMarks
{
    /** @return list<Mark<Payload>> in the order of arrival */
    public function all(): array;
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Plan\Treatment;

/** What is planned at a section: chosen, or the only way there is. Worked out where somebody asks. */
interface Intended
{
    public function treatment(): ?Treatment;
}

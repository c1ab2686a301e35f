<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;

/** Whoever knows what the sections ask for at this moment. */
interface Asking
{
    public function asks(Section $section): Asked;
}

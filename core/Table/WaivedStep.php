<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** A comb check that was let go, with a name and a reason. */
enum WaivedStep: string
{
    case BeforeBath = 'before_bath';
    case AfterDrying = 'after_drying';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** A comb check that was let go, with a name and a reason. */
enum WaivedStep: string
{
    case BeforeBath = 'before_bath';
    case AfterDrying = 'after_drying';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

enum WetBrushing: string
{
    case NotBeforeMatFree = 'not_before_mat_free';
    case LightlyWithConditioner = 'lightly_with_conditioner';
    /** Lightly on the towelled coat too, before the dryer. */
    case AlsoTowelled = 'also_towelled';
}

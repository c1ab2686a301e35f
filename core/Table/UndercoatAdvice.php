<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** What to do next with the rakes. */
enum UndercoatAdvice: string
{
    case RakeOn = 'rake_on';
    case ChangeToFine = 'change_to_fine';
    case Stop = 'stop';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

/** Where in the visit a comb check was made. */
enum GradedAt: string
{
    case Inspection = 'inspection';
    case Table = 'table';
    case AfterDrying = 'after_drying';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

enum TreatmentKind: string
{
    case Brush = 'brush';
    case Demat = 'demat';
    case Thin = 'thin';
    case Clip = 'clip';
    case Leave = 'leave';
}

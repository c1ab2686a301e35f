<?php

declare(strict_types=1);

namespace HoundCheck\Core\Home;

/** A step of the visit that was not done or not recorded. */
enum SkippedStep: string
{
    case BrushOut = 'brush_out';
    case BathGate = 'bath_gate';
    case Bath = 'bath';
    case Drying = 'drying';
    case SecondCombCheck = 'second_comb_check';
    case Aftercare = 'aftercare';
    case SignOff = 'sign_off';
}

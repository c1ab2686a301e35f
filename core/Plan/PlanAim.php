<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** What a chosen plan aims at: one of the three named ones, or a place between them. */
enum PlanAim: string
{
    case Easiest = 'easiest';
    case Balanced = 'balanced';
    case KeepCoat = 'keep_coat';
    case Between = 'between';
}

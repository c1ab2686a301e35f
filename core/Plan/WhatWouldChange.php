<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** What would open another way for a section. */
enum WhatWouldChange: string
{
    case LongerBladePasses = 'longer_blade_passes';
    case MorePullingToBear = 'more_pulling_to_bear';
    case ClientAllowsClipping = 'client_allows_clipping';
    case HouseRule = 'house_rule';
    case Vet = 'vet';
}

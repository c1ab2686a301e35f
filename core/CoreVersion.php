<?php

declare(strict_types=1);

namespace HoundCheck\Core;

/** The version of the rules in this folder. A kept judgement names it, so that it can be explained years later. */
final class CoreVersion
{
    public const CURRENT = '1.2';
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core;

/** The version of the rules in this folder. A kept judgement names it, so that it can be explained years later. */
final class CoreVersion
{
    public const CURRENT = '2.3';

    /** A print of what the corpus of visits comes to with this version: a change of results without a new version fails a test. */
    public const RESULTS = 'e4da0d906baa34fa';
}

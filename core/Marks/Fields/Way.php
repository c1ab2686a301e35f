<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

/**
 * One of several ways to fill a payload in. The first whose first field was sent is taken, or else the last; fields of another
 * way are refused beside it.
 */
#[\Attribute(\Attribute::TARGET_CLASS | \Attribute::IS_REPEATABLE)]
final readonly class Way
{
    /**
     * @param non-empty-list<string> $needs
     * @param list<string> $may
     */
    public function __construct(public array $needs, public array $may = []) {}
}

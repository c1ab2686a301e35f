<?php

declare(strict_types=1);

namespace HoundCheck\Core\Arrival;

/** Marks were folded among which none says which dog came in. */
final class VisitHasNotArrived extends \DomainException
{
    public static function noArrivalAmongMarks(): self
    {
        return new self('The visit has no arrival among its marks.');
    }
}

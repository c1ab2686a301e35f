<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** A treatment code that names nothing the plan knows. */
final class UnknownTreatment extends \DomainException
{
    public static function code(string $code): self
    {
        return new self("\"{$code}\" is not a treatment: use brush, demat, thin, leave, or clip:MM such as clip:6.3");
    }
}

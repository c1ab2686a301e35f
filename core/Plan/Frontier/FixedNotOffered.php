<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\Treatment;

/** A section is locked to a treatment that is not offered there. */
final class FixedNotOffered extends \DomainException
{
    private function __construct(public readonly Section $section, public readonly Treatment $treatment)
    {
        parent::__construct("{$treatment->code()} is not offered for {$section->value}");
    }

    public static function at(Section $section, Treatment $treatment): self
    {
        return new self($section, $treatment);
    }
}

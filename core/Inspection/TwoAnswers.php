<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** Devices that did not see one another answered the same place otherwise: until one touch decides, the worse stands and nothing is cut. */
final readonly class TwoAnswers
{
    /**
     * @param string $standsId id of the mark whose answer counts until then
     * @param list<Mark<Payload>> $answers two or more, in the order of arrival
     */
    public function __construct(public string $standsId, public array $answers) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\RunScope;

/** The brush-out begins. */
final readonly class RunStarted implements Payload
{
    public function __construct(public RunScope $scope) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->oneOr('scope', RunScope::WholeCoat));
        $reader->finish();

        return $read;
    }
}

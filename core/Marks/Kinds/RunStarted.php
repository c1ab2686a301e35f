<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\RunScope;

/** The brush-out begins. */
#[Kind(Phase::Table, handsOn: true)]
final readonly class RunStarted implements Payload
{
    public function __construct(public RunScope $scope = RunScope::WholeCoat) {}
}

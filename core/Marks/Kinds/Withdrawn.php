<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;

/** Undo: an earlier mark no longer counts. It stays in the record, with this beside it. */
#[Kind(Phase::Any, undoable: false)]
final readonly class Withdrawn implements Payload
{
    public function __construct(#[Text(26)] public string $markId) {}
}

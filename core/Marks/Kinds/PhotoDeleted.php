<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** The picture of a photo was erased. That it was taken, and who erased it why, stays in the record. */
#[Kind(Phase::Any, who: Who::Owner, undoable: false, alwaysFits: true, afterTheEnd: true)]
final readonly class PhotoDeleted implements Payload
{
    public function __construct(#[Text(26)] public string $photoId, #[Text(500)] public string $reason) {}
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Words\PhotoMoment;

/** A photo of a section, or of the whole dog. The picture itself is a file under the id of this mark. */
#[Kind(Phase::Any, Place::Either, undoable: false, afterTheEnd: true)]
final readonly class PhotoTaken implements Payload
{
    /**
     * @param string|null $findingId the finding it shows
     * @param int $widthPx as stored, 1 or more
     * @param int $heightPx as stored, 1 or more
     */
    public function __construct(
        public PhotoMoment $moment,
        #[Text(26)]
        public ?string $findingId,
        #[Whole(1, 20000)]
        public int $widthPx,
        #[Whole(1, 20000)]
        public int $heightPx,
    ) {}
}

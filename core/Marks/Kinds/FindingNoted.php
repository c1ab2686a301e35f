<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Fields\OneOf;
use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** Something was seen or felt on the skin at a section. A finding, never a diagnosis; open until closed. */
#[Kind(Phase::Any, Place::Section, alwaysFits: true)]
final readonly class FindingNoted implements Payload
{
    public bool $isSpot;

    /** @param bool $spot 3 cm around it are left alone and the rest is worked; else it is the whole place */
    public function __construct(
        #[OneOf(FindingKind::class, FindingKind::OLD_NAMES)]
        public FindingKind $kind,
        #[Text(500)]
        public ?string $note,
        #[Number(0, 500)]
        public ?float $sizeMm,
        bool $spot = false,
    ) {
        $this->isSpot = $spot;
    }
}

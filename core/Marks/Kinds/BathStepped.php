<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\BathProduct;
use HoundCheck\Core\Marks\Words\BathStep;

/** A step of the bath is done. */
#[Kind(Phase::Bath, handsOn: true)]
final readonly class BathStepped implements Payload
{
    /** @param float|null $contactMinutes that the product stays on */
    public function __construct(
        public BathStep $step,
        public ?BathProduct $product,
        #[Number(0, 30)]
        public ?float $contactMinutes = null,
    ) {}
}

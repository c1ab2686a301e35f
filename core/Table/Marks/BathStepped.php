<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\BathProduct;
use HoundCheck\Core\Table\BathStep;

/** A step of the bath is done. */
final readonly class BathStepped implements Payload
{
    /** @param float|null $contactMinutes that the product stays on */
    public function __construct(public BathStep $step, public ?BathProduct $product, public ?float $contactMinutes = null) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self(
            $reader->one('step', BathStep::class),
            $reader->optionalOne('product', BathProduct::class),
            $reader->optionalNumber('contactMinutes', 0, 30),
        );
        $reader->finish();

        return $read;
    }
}

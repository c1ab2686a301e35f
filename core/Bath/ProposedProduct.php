<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Marks\Words\BathProduct;

/** A kind of product for today's bath, and why. */
final readonly class ProposedProduct
{
    public function __construct(public BathProduct $product, public ProductReason $reason, public ?FindingKind $finding = null) {}
}

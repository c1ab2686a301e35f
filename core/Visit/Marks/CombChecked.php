<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FineComb;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Visit\PayloadReader;

/** A section was combed from the skin. Sent again as more is answered; the latest counts, all are kept. */
final readonly class CombChecked implements Payload
{
    public function __construct(public CombCheck $check) {}

    public static function read(PayloadReader $reader): static
    {
        $check = new CombCheck(
            $reader->one('comb', Comb::class),
            $reader->optionalOne('skinLine', SkinLine::class),
            $reader->optionalOne('fine', FineComb::class) ?? FineComb::NotUsed,
            $reader->optionalOne('opens', Opens::class),
            $reader->optionalNumber('mattedShare', 0, 1),
            $reader->optionalNumber('largestMm', 0, 500),
            $reader->optionalNumber('liftMm', 0, 200),
            $reader->optionalBool('tender') ?? false,
        );
        $reader->finish();

        return new self($check);
    }
}

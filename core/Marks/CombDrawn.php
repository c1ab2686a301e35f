<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FineComb;
use HoundCheck\Core\CombCheck\InvalidCombCheck;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Marks\Fields\Number;

/** What hands and comb found. Sent again as more is answered; the latest counts, all are kept. */
abstract readonly class CombDrawn implements Payload
{
    public CombCheck $check;

    /** Null means not answered. */
    final public function __construct(
        Comb $comb,
        ?SkinLine $skinLine = null,
        ?FineComb $fine = null,
        ?Opens $opens = null,
        #[Number(0, 1)]
        ?float $mattedShare = null,
        #[Number(0, 500)]
        ?float $largestMm = null,
        #[Number(0, 200)]
        ?float $liftMm = null,
        bool $tender = false,
    ) {
        $this->check = new CombCheck($comb, $skinLine, $fine ?? FineComb::NotUsed, $opens, $mattedShare, $largestMm, $liftMm, $tender);
    }

    public static function of(CombCheck $check): static
    {
        return new static(
            $check->comb ?? throw InvalidCombCheck::nothingCombed(),
            $check->skinLine,
            $check->fine,
            $check->opens,
            $check->mattedShare,
            $check->largestMm,
            $check->liftMm,
            $check->tender,
        );
    }
}

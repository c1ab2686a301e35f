<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How a visit asks less of a dog's feet, beside a smaller service and a split. */
enum FeetWay: string
{
    case DryerLying = 'dryer_lying';
    /** Clean parts sponged instead of a bath. */
    case Sponged = 'sponged';
    /** Bath, dryer, second check and finish on a day of their own. */
    case BathAnotherDay = 'bath_another_day';

    /** @return list<'bath'|'dry'|'check'|'finish'> steps that are not taken today */
    public function leavesOut(): array
    {
        return match ($this) {
            self::DryerLying => [],
            self::Sponged => ['bath', 'dry'],
            self::BathAnotherDay => ['bath', 'dry', 'check', 'finish'],
        };
    }
}

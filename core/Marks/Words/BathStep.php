<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** The steps of a bath, in order, or the sponge in their place. */
enum BathStep: string
{
    case RinsedFirst = 'rinsed_first';
    case Lathered = 'lathered';

    /** A shedding coat: wet skin is soft. */
    case RakedInLather = 'raked_in_lather';

    /** A second product, where one is not enough. */
    case LatheredAgain = 'lathered_again';

    /** Where a product asks for it. */
    case Conditioned = 'conditioned';
    case RinsedOut = 'rinsed_out';

    /** A shedding coat again, on the towelled coat and under the dryer. */
    case RakedTowelled = 'raked_towelled';
    case RakedUnderDryer = 'raked_under_dryer';

    /** In the place of a bath where a place must be left alone: a damp sponge on the clean parts. */
    case Sponged = 'sponged';

    /** @return list<self> what no bath goes without */
    public static function ofEveryBath(): array
    {
        return [self::RinsedFirst, self::Lathered, self::RinsedOut];
    }

    /** De-shedding; it pulls. */
    public function isRaking(): bool
    {
        return $this === self::RakedInLather || $this === self::RakedTowelled || $this === self::RakedUnderDryer;
    }

    /** The step that has to be done before it; null: none. */
    public function after(): ?self
    {
        return match ($this) {
            self::RinsedFirst, self::Sponged => null,
            self::Lathered => self::RinsedFirst,
            self::LatheredAgain, self::RakedInLather, self::Conditioned, self::RinsedOut => self::Lathered,
            self::RakedTowelled, self::RakedUnderDryer => self::RinsedOut,
        };
    }
}

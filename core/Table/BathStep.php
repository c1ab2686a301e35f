<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** The steps of a bath, in order, or the sponge in their place. */
enum BathStep: string
{
    case RinsedFirst = 'rinsed_first';
    case Lathered = 'lathered';

    /** A second product, where one is not enough. */
    case LatheredAgain = 'lathered_again';

    /** Where a product asks for it. */
    case Conditioned = 'conditioned';
    case RinsedOut = 'rinsed_out';

    /** In the place of a bath where a place must be left alone: a damp sponge on the clean parts. */
    case Sponged = 'sponged';

    /** @return list<self> what no bath goes without */
    public static function ofEveryBath(): array
    {
        return [self::RinsedFirst, self::Lathered, self::RinsedOut];
    }

    /** The step that has to be done before it; null: none. */
    public function after(): ?self
    {
        return match ($this) {
            self::RinsedFirst, self::Sponged => null,
            self::Lathered => self::RinsedFirst,
            self::LatheredAgain, self::Conditioned, self::RinsedOut => self::Lathered,
        };
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Where the lines of a section are marked one by one. A dog of 24 kg has more than three hundred, and the hands are wet. */
enum LineCount: string
{
    case Never = 'never';
    case InMattedSections = 'in_matted_sections';
    /** For those who work with a pedal, which is a keyboard to the tablet. */
    case Always = 'always';

    public function countsWhere(bool $isMatted): bool
    {
        return match ($this) {
            self::Never => false,
            self::InMattedSections => $isMatted,
            self::Always => true,
        };
    }
}

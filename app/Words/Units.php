<?php

declare(strict_types=1);

namespace App\Words;

/** What is kept in mm and kg, in the units of a salon that measures otherwise. */
final class Units
{
    public const MM_PER_INCH = 25.4;

    public const KG_PER_POUND = 0.45359237;
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** What a client may want on top of the groom. */
enum Extra: string
{
    case Nails = 'nails';
    case EarCare = 'ear_care';
    case MedicatedBath = 'medicated_bath';
    case Collection = 'collection';
}

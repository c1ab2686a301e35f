<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** Kinds of product for the bath; never a brand. */
enum BathProduct: string
{
    case Mild = 'mild';
    case SoapFree = 'soap_free';
    case Odour = 'odour';
    case VetOrdered = 'vet_ordered';
    case Conditioner = 'conditioner';
}

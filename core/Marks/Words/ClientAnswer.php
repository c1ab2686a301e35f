<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

enum ClientAnswer: string
{
    case Yes = 'yes';
    case No = 'no';
    /** Neither yet: something is not clear. */
    case Question = 'question';
    /** Neither yet: wants to be telephoned first. */
    case Call = 'call';
}

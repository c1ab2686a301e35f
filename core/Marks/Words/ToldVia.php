<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How a client was told of something. */
enum ToldVia: string
{
    /** The salon writes it: a message goes out with the mark. */
    case Message = 'message';
    case Phone = 'phone';
    case Here = 'here';
    case NotYet = 'not_yet';
}

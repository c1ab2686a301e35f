<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How the client answered. `standing`: the plan stays within what was allowed on arrival, nobody had to ask. */
enum AnswerVia: string
{
    case Here = 'here';
    case Phone = 'phone';
    /** On the client's own page. */
    case Link = 'link';
    case Standing = 'standing';
}

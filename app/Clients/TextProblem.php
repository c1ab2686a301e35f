<?php

declare(strict_types=1);

namespace App\Clients;

/** Why a text of the owner's cannot be sent. */
enum TextProblem: string
{
    case Empty = 'empty';
    case TooLong = 'too_long';
    /** `word`. */
    case UnknownWord = 'unknown_word';
    /** `word`. */
    case WordNeeded = 'word_needed';
    case Unbalanced = 'unbalanced';
}

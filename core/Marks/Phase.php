<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** The part of a visit that a kind of mark belongs to. */
enum Phase: string
{
    case Arrival = 'arrival';
    case Inspection = 'inspection';
    case Plan = 'plan';
    case Table = 'table';
    case Bath = 'bath';
    case End = 'end';
    /** At any time: notes, photos, findings, undo. */
    case Any = 'any';
}

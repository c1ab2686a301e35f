<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** What could be done about a promise in danger. Nothing of it is ever done by itself. */
enum Act: string
{
    case TakeNext = 'take_next';
    case OtherGroomer = 'other_groomer';
    case OneMoreDryer = 'one_more_dryer';
    case NewTime = 'new_time';
    case TwoVisits = 'two_visits';
    case AnotherDay = 'another_day';
}

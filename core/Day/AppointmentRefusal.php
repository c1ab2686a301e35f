<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** Why an act on an appointment is not taken. The sentences are in lang/. */
enum AppointmentRefusal: string
{
    case DogIsHere = 'dog_is_here';
    case NotOpen = 'not_open';
    case NoTimeYet = 'no_time_yet';
    case NotTimeYet = 'not_time_yet';
    case PromiseIsFar = 'promise_is_far';
    case BookedThen = 'booked_then';
    case PromiseBeforeStart = 'promise_before_start';
    case NothingToTakeBack = 'nothing_to_take_back';
}

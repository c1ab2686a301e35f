<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Why a value cannot be a house rule. The sentences are in lang/. */
enum RuleProblem: string
{
    case NoSuchRule = 'no_such_rule';
    case NotANumber = 'not_a_number';
    case NotWholeCents = 'not_whole_cents';
    case NotWhole = 'not_whole';
    case OutOfRange = 'out_of_range';
    case NotYesOrNo = 'not_yes_or_no';
    case NotAChoice = 'not_a_choice';
    case NotLengths = 'not_lengths';
    case LengthTwice = 'length_twice';
    case NotTenths = 'not_tenths';
    case TooManyLengths = 'too_many_lengths';
    case NoBladeToPlanWith = 'no_blade_to_plan_with';
    case RouteIncomplete = 'route_incomplete';
    case MostUnderLeast = 'most_under_least';
}

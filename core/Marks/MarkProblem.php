<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Why a field of a mark cannot be read. The sentences for it are in lang/; what stands in brackets are their figures. */
enum MarkProblem: string
{
    case Needed = 'needed';
    case NotAField = 'not_a_field';
    case NotText = 'not_text';
    /** `most` characters. */
    case TooLong = 'too_long';
    /** `least`, `most`. */
    case OutOfRange = 'out_of_range';
    case NotWhole = 'not_whole';
    case NotYesOrNo = 'not_yes_or_no';
    case NotAList = 'not_a_list';
    /** `most` entries. */
    case ListTooLong = 'list_too_long';
    case NotAnObject = 'not_an_object';
    /** `known`: the words that are. */
    case NotOneOf = 'not_one_of';
    case NoTreatmentBySection = 'no_treatment_by_section';
    case NoLengthsBySection = 'no_lengths_by_section';
    /** `given`. */
    case UnknownSection = 'unknown_section';
    /** `given`. */
    case UnknownTreatment = 'unknown_treatment';
    case SectionNeeded = 'section_needed';
    case SectionNotForThisKind = 'section_not_for_this_kind';
    case AsTheRuleSays = 'as_the_rule_says';
    case NotStrokes = 'not_strokes';
    case ClientNotTold = 'client_not_told';
    case NotAKind = 'not_a_kind';
    case NotATablet = 'not_a_tablet';
    case NotATime = 'not_a_time';
    case NotAnId = 'not_an_id';
}

<?php

declare(strict_types=1);

/** Why a field of a mark cannot be read. */
return [
    'needed' => '{field} is needed',
    'not_a_field' => '{field} is not a field of this mark',
    'not_text' => '{field} must be text',
    'too_long' => '{field} must be at most {most} characters',
    'out_of_range' => '{field} must be a number from {least} to {most}',
    'not_whole' => '{field} must be a whole number',
    'not_yes_or_no' => '{field} must be true or false',
    'not_a_list' => '{field} must be a list',
    'list_too_long' => '{field} must be a list of at most {most}',
    'not_an_object' => '{field} must be an object',
    'not_one_of' => '{field} must be one of {known}',
    'no_treatment_by_section' => '{field} must give a treatment by section',
    'no_lengths_by_section' => '{field} must give lengths of 1 to 500 mm by section',
    'unknown_section' => '{field} names "{given}", which is not one of the 30 sections',
    'unknown_treatment' => '{field} "{given}" is not a treatment: use brush, demat, thin, leave, or clip:MM such as clip:6.3',
    'section_needed' => '{field} is needed for this kind of mark',
    'section_not_for_this_kind' => '{field} does not belong to this kind of mark',
    'as_the_rule_says' => '{field} is what the rule gives already',
    'not_strokes' => '{field} must be strokes',
    'client_not_told' => '{field} must be true: tell the client first',
    'not_a_kind' => '{field} is not a kind of mark',
    'not_a_tablet' => '{field} must be the id of the tablet',
    'not_an_id' => '{field} must be an id',
    'not_a_time' => '{field} must be a time such as 2026-06-09T09:15:00Z',
];

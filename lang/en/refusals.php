<?php

declare(strict_types=1);

return [
    'visit_closed' => 'This visit has ended. Add a note, or take the ending back first.',
    'already_arrived' => 'This dog has already been checked in.',
    'not_graded_yet' => 'The comb has not graded this section yet. Comb it from the skin first, then judge.',
    'not_offered' => 'This is not offered for the section any more. Look at what is offered now and choose again.',
    'departure_needs_a_reason' => 'The client agreed to this plan. Say why it is done otherwise.',
    'plan_incomplete' => 'Some sections are not checked or not decided. Finish them before you show the plan.',
    'plan_has_changed' => 'The plan changed since it was shown. Show it again, then take the answer.',
    'no_such_plan' => 'A newer plan has been shown. Take the answer to that one.',
    'beyond_standing_permission' => 'The plan goes beyond what the client allowed on arrival. Ask first.',
    'no_such_finding' => 'This finding is closed already, or was taken back.',
    'no_such_photo' => 'This photo was erased already, or was taken back.',
    'photo_needs_its_file' => 'A photo is sent together with its picture. Take it again.',
    'needs_an_owner' => 'Only the owner of the salon can erase a photo.',
    'nothing_to_withdraw' => 'There is nothing to undo: it was taken back already.',
    'cannot_be_withdrawn' => 'This cannot be undone. Stop the visit instead, with a reason.',
    'skipped_steps_need_a_reason' => 'Say why the steps with nothing recorded were skipped.',
    'unreadable' => 'This entry cannot be used: :field :problem.',
    'needs_a_groomer' => 'This is a groomer’s decision. Ask one to sign in here.',
    'used_elsewhere' => 'This entry belongs to another visit. Reload the page and enter it again.',
];

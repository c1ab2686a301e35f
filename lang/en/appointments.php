<?php

declare(strict_types=1);

return [
    'moved_on' => '{name} changed this appointment in the meantime. Look at it, then do yours again.',
    'client_acted' => 'The client answered in the meantime. Look at it, then do yours again.',
    'id_is_taken' => 'This was sent before for another appointment. Start again.',
    'dog_is_here' => 'The dog has come in for this appointment. Change what stands in its visit.',
    'not_open' => 'This appointment is over. Give it a new time first.',
    'no_time_yet' => 'It has no time yet. Give it one first.',
    'not_time_yet' => 'Its time has not come yet. Cancel it, if the client says so.',
    'promise_is_far' => 'That is more than a day and a half after the dog comes. Promise a time of that day, or of the next.',
    'booked_then' => 'This dog is booked for that time already. Open that appointment, or choose another time.',
    'promise_before_start' => 'The promised time must be after the dog comes.',
    'nothing_to_take_back' => 'There is nothing to undo: something came after it, or it was undone already.',
    'in_the_past' => 'This time is over. Choose one that is still to come.',
    'far_ahead' => 'Choose a time within a year.',
    'ends_first' => 'The end must be after the beginning.',
    'roster_moved_on' => 'The hours were changed on another screen in the meantime. Look at them, then save yours again.',
];

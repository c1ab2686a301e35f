<?php

declare(strict_types=1);

return [
    'message' => '{salon}: what we found on {dog}, and what we could do. Please look and answer before we cut anything.',
    'next_day' => [
        'begins' => '{salon}: how is {dog} today?',
        'ears_after_tight_mats' => 'Please look at the ears: if {dog} shakes its head, or a tip is swollen or bleeds, call your vet.',
        'quiet_evening' => 'We brushed a good deal yesterday: if skin is red or {dog} keeps licking a place, tell us, and call your vet if it spreads.',
    ],
    'home_plan' => '{salon}: your plan for {dog} at home, {minutes} minutes at a time. It opens without an account; tick what you have brushed.',
    'appointment' => [
        'booked' => '{salon}: {dog} can come on {day} at {time}.',
        'moved' => '{salon}: {dog} has a new time: {day} at {time}.',
        'cancelled' => '{salon}: the time for {dog} on {day} at {time} is cancelled.',
        'reminder' => '{salon}: {dog} comes tomorrow, {day}, at {time}.',
        'fetch' => 'Please fetch {dog} at {promised}; if it will be later, we tell you.',
        'before' => 'Please do not bathe {dog} over knots. Draw a comb from the skin to the tip behind the ears and in the armpits: where it stops, tell us.',
    ],
    'already_yes' => 'You said yes at {time}. If you want something else, please call us.',
    'already_no' => 'You said no at {time}. We will call you.',
    'plan_moved_on' => 'We found something new since we sent this. You will get a new message, or we call you.',
    'no_such_offer' => 'Please choose one of the ways shown on this page.',
    'link_over' => 'This page is no longer open: the link has expired or is not complete. Please call us.',
];

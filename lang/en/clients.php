<?php

declare(strict_types=1);

return [
    // Words in braces are filled in; what stands in square brackets is left out where one of its words is missing.
    'texts' => [
        'booked' => '{salon}: {dog} can come on {day} at {time}. [Please fetch {dog} at {promised}; if it will be later, we tell you.] Please do not bathe {dog} over knots. Draw a comb from the skin to the tip behind the ears and in the armpits: where it stops, tell us. Bring the brush and comb you use at home.',
        'moved' => '{salon}: {dog} has a new time: {day} at {time}. [Please fetch {dog} at {promised}; if it will be later, we tell you.] Please do not bathe {dog} over knots.',
        'cancelled' => '{salon}: the time for {dog} on {day} at {time} is cancelled.[ To find another one, call {phone}.]',
        'reminder' => '{salon}: {dog} comes tomorrow, {day}, at {time}. [Please fetch {dog} at {promised}.] Please do not bathe {dog} over knots. Draw a comb from the skin to the tip behind the ears and in the armpits: where it stops, tell us. Bring the brush and comb you use at home.',
        'new_time' => '{salon}: please fetch {dog} at {promised}.[ If that does not suit you, call {phone}.]',
        'ready' => '{salon}: {dog} is ready and waits for you.',
        'plan' => '{salon}: what we found on {dog}, and what we could do. Please look and answer before we cut anything.',
        'yes_noted' => '{salon}: on this phone you had said no to what we would do with {dog}. At {time} {who} said yes to it with us.[ If that is not right, call {phone} at once.]',
        'home_plan' => '{salon}: your plan for {dog} at home, {minutes} minutes at a time. It opens without an account; tick what you have brushed.',
        'record' => '{salon}: the record of {dog}’s visit on {day}, with what we found and did. It opens without an account and stays open for a month.',
        'next_day' => '{salon}: how is {dog} today? {advice}',
    ],
    'next_day' => [
        'ears_after_tight_mats' => 'Please look at the ears: if {dog} shakes its head, or a tip is swollen or bleeds, call your vet.',
        'quiet_evening' => 'We brushed a good deal yesterday: if skin is red or {dog} keeps licking a place, tell us, and call your vet if it spreads.',
    ],
    'services' => [
        'full_groom' => 'full groom',
        'bath_and_brush' => 'bath and brush',
        'nails_and_tidy' => 'nails and tidy',
    ],
    'day_format' => 'dddd, D MMMM',
    'calendar' => 'Promised at {promised}.',
    'already_yes' => 'You said yes at {time}. If you want something else, please call us.',
    'already_no' => 'You said no at {time}. We will call you.',
    'plan_moved_on' => 'We found something new since we sent this. You will get a new message, or we call you.',
    'no_such_offer' => 'Please choose one of the ways shown on this page.',
    'link_over' => 'This page is no longer open: the link has expired or is not complete. Please call us.',
];

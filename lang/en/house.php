<?php

declare(strict_types=1);

return [
    'moved_on' => '{name} changed the house rules in the meantime. Look at theirs, then save yours again; what you typed is still here.',
    'salon_moved_on' => '{name} changed this in the meantime. Look at it, then save yours again; what you typed is still here.',
    'salon_is_open' => 'This salon is set up already. Sign in, or ask its owner to add you.',
    'wrong_key' => 'This key opens nothing. Take the one that the salon’s computer showed last; bin/salon shows a new one.',
    'problems' => [
        'no_such_rule' => 'This is not a house rule.',
        'not_a_number' => 'Give a number.',
        'not_whole_cents' => 'Give an amount with two decimals at most.',
        'not_whole' => 'Give a whole number.',
        'out_of_range' => 'Give a number from {least} to {most} {unit}.',
        'not_yes_or_no' => 'Say yes or no.',
        'not_a_choice' => 'Choose one of those offered.',
        'not_lengths' => 'Give lengths in mm, such as 3.2, 6.3, 9.5.',
        'not_tenths' => 'Give lengths in whole tenths of a mm: 6.3 or 6.4, not 6.35.',
        'too_many_lengths' => 'Give at most 14 lengths. Take out those that are never used.',
        'length_twice' => 'One length stands here twice. Take one out.',
        'no_blade_to_plan_with' => 'At least one blade must be as long as the shortest that is planned.',
        'route_incomplete' => 'Your own order needs all 30 sections, each once.',
        'most_under_least' => 'This must not be under the least value beside it.',
    ],
];

<?php

declare(strict_types=1);

return [
    'no_calendar' => 'This is no calendar file that can be read. Export it from the calendar as an .ics file, then choose that.',
    'too_many' => 'This calendar holds more than {most} times. Export only the next months of it.',
    'nothing_in_it' => 'This calendar holds no time in the coming year at which somebody is busy.',
    'too_long' => 'This file is larger than 1 MB. Export only the next months of the calendar.',
];

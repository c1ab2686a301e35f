<?php

declare(strict_types=1);

return [
    'wrong' => 'This name and password do not go together. Check both and try again.',
    'wrong_pin' => 'This PIN is not right. Try again, or sign in with the password.',
    'pin_is_for_the_work' => 'You are signed in by PIN: that is for the work at a dog. Sign in with your password for this.',
    'pin_locked' => 'Too many wrong ones. Sign in with the password; by PIN again in {minutes, plural, one {# minute} other {# minutes}}.',
    'no_quick_change' => 'On this device people sign in with their password.',
];

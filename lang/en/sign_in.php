<?php

declare(strict_types=1);

return [
    'wrong' => 'This name and password do not go together. Check both and try again.',
    'wrong_pin' => 'This PIN is not right. Try again, or sign in with the password.',
    'no_quick_change' => 'On this device people sign in with their password.',
];

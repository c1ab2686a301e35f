<?php

declare(strict_types=1);

return [
    'name_missing' => 'Give the name that they sign in with.',
    'name_too_long' => 'A name has at most {most} characters.',
    'name_taken' => 'Somebody has this name already. Choose another: nobody’s entries may stand under two people.',
    'password_short' => 'The password must have at least {least} characters.',
    'only_owner' => 'This is the only owner. Make somebody else an owner first.',
    'wrong_password' => 'This is not your password now.',
    'pin_unfit' => 'Four to eight figures, and not in a row: neither 1111 nor 1234.',
];

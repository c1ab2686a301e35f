<?php

declare(strict_types=1);

return [
    'invalid' => 'Some of this cannot be used. Look at the marked fields; nothing you typed is lost.',
    'signed_out' => 'You are signed out. Sign in again; what you entered is kept on this device.',
    'needs_owner' => 'This is the owner’s. Ask the owner of the salon to do it, or to sign in here.',
    'needs_chain_owner' => 'Only who owns all salons of this installation can compare them.',
    'not_found' => 'There is nothing at this address. It may have been typed wrong.',
    'already_here' => '{dog} has not gone home from the last visit. Open that visit, or end it first.',
    'visit_id_taken' => 'This arrival names a visit of another dog. Reload the page and check the dog in again.',
    'mark_id_taken' => 'This arrival was sent with an id that is in use. Reload the page and check the dog in again.',
    'arrived_long_ago' => 'This arrival is more than 30 days old. Check the clock of this device, then check the dog in again.',
    'promised_when' => 'The promised time must be after the arrival and within a week. Choose it again.',
    'conflict' => 'This has changed in the meantime. Look again before you go on.',
    'too_large' => 'That is too large to send.',
    'no_number' => 'A number in this is too large to be one. Look at what you entered, and send it again.',
    'hidden_characters' => 'There are characters in this that nobody sees, as when text is pasted from elsewhere. Type it anew, and send it again.',
    'two_alphabets' => '“{word}” mixes letters of two alphabets that look alike, as when it is pasted from elsewhere. Type it anew.',
    'unreadable' => 'This could not be read. Reload the page and try again; what you entered is kept on this device.',
    'not_json' => 'Send this as JSON.',
    'closed' => 'The salon’s data is being copied or put back. It opens again in a few minutes; what you entered is kept on this device.',
    'busy' => 'Many are writing at once. Try again in a moment; what you entered is kept on this device.',
    'disk_full' => 'The salon’s computer can store nothing more: its disk is full or locked. What was saved is safe and can be read. Make room, then try again.',
    'record_not_sent' => '{dog} is still here. Send the record when the dog has gone home: then it is whole.',
    'session_expired' => 'The page was open for long. Reload it; what you entered is kept on this device.',
    'password_again' => 'Your password is asked for once more before this is done. It was not given in the last ten minutes.',
    'too_many' => 'Too many tries. Wait a minute, then try again.',
    'failed' => 'Something went wrong here, not with you. What was saved is safe; try again.',
];

<?php

declare(strict_types=1);

return [
    // Files, not the database: a read of a visit then writes nothing to it.
    'driver' => env('SESSION_DRIVER', 'file'),
    // A working day; a tablet left overnight asks for the password again.
    'lifetime' => 12 * 60,
    'expire_on_close' => false,
    'encrypt' => true,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    // Cookies know no ports: the demo beside a salon of one's own has a name of its own.
    'cookie' => env('SESSION_COOKIE', 'hound_check_session'),
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];

<?php

declare(strict_types=1);

return [
    // Files, not the database: a read of a visit then writes nothing to it. With PostgreSQL there may be several servers, which
    // share no files: then in the database, beside the first salon.
    'driver' => env('SESSION_DRIVER', env('DB_CONNECTION') === 'pgsql' ? 'shared' : 'file'),
    'table' => (env('DB_CONNECTION') === 'pgsql' ? env('DB_SCHEMA', 'public').'.' : '').'sessions',
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

<?php

declare(strict_types=1);

return [
    // As sessions: where all servers reach it.
    'default' => env('CACHE_STORE', env('DB_CONNECTION') === 'pgsql' ? 'database' : 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_FOLDER', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_FOLDER', storage_path('framework/cache/data')),
        ],
        'database' => [
            'driver' => 'database',
            'table' => (env('DB_CONNECTION') === 'pgsql' ? env('DB_SCHEMA', 'public').'.' : '').'cache',
            'lock_table' => (env('DB_CONNECTION') === 'pgsql' ? env('DB_SCHEMA', 'public').'.' : '').'cache_locks',
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => env('CACHE_PREFIX', 'hound-check-'),
];

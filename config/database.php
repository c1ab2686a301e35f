<?php

declare(strict_types=1);

return [
    // sqlite: one file, for one machine. pgsql: for a chain of salons, or several application servers.
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('hound-check.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'wal',
            // What was acknowledged survives a power cut.
            'synchronous' => 'full',
        ],
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('PGHOST', '127.0.0.1'),
            'port' => env('PGPORT', '5432'),
            'database' => env('PGDATABASE', 'hound_check'),
            'username' => env('PGUSER', 'hound_check'),
            'password' => env('PGPASSWORD'),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => env('DB_SCHEMA', 'public'),
            'sslmode' => env('PGSSLMODE', 'prefer'),
            'timezone' => 'UTC',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];

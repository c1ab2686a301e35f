<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/hound-check.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            // A line of JSON for each, that programs read; what somebody typed is in none of them.
            'formatter' => JsonFormatter::class,
            'permission' => 0600,
            'replace_placeholders' => true,
        ],
        // What the stand-in for a mail server would have sent. It holds what clients read, so it is the owner's only, and short-lived.
        'mail' => [
            'driver' => 'daily',
            'path' => storage_path('logs/mail.log'),
            'level' => 'debug',
            'days' => 2,
            'permission' => 0600,
        ],
    ],
];

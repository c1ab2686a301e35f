<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/hound-check.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0600,
            'replace_placeholders' => true,
        ],
    ],
];

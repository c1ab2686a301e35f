<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'staff'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'staff']],
    // Of this salon: people whom a dossier named are known, and nobody here.
    'providers' => ['staff' => ['driver' => 'staff-here', 'model' => App\Models\Staff::class]],
    'passwords' => [],
    // Seconds for which a password that was given opens what asks for it again.
    'password_timeout' => (int) env('AUTH_PASSWORD_TIMEOUT', 600),
];

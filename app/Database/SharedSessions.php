<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Session\DatabaseSessionHandler;

/** Sessions where all application servers reach them: what they hold and when they were seen, no address of the network, no name. */
final class SharedSessions extends DatabaseSessionHandler
{
    public const DRIVER = 'shared';

    /**
     * @param string $data
     *
     * @return array{payload: string, last_activity: int}
     */
    protected function getDefaultPayload($data): array
    {
        return ['payload' => base64_encode($data), 'last_activity' => $this->currentTime()];
    }
}

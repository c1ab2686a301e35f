<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clients\Outbox;
use Illuminate\Console\Command;

/** Sends clients what is due: reminders, a word on the next day, and whatever did not go out at once. */
final class MessagesSend extends Command
{
    protected $signature = 'messages:send';

    protected $description = 'Send the messages to clients that are due';

    public function handle(Outbox $outbox): int
    {
        $this->line("{$outbox->sendDue()} sent");

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Privacy\Retention;
use Illuminate\Console\Command;

final class PrivacyRetain extends Command
{
    protected $signature = 'privacy:retain';

    protected $description = 'Erase photos and messages that are older than the owner wants them kept';

    public function handle(Retention $retention): int
    {
        $gone = $retention->follow();
        $this->info("{$gone['photos']} photos and {$gone['messages']} messages were too old.");

        return self::SUCCESS;
    }
}

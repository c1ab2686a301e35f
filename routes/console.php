<?php

declare(strict_types=1);

use App\Backup\BackupShelf;
use App\Database\Closing;
use App\Export\Outgoing;
use App\Health\Health;
use Illuminate\Support\Facades\Schedule;

foreach (['03:00' => 'salon:backup', '03:30' => 'privacy:retain'] as $at => $what) {
    Schedule::command("salons:each {$what}")
        ->dailyAt($at)
        ->timezone((string) config('salon.timezone'))
        ->withoutOverlapping()
        ->skip(fn(): bool => app(Closing::class)->isClosed())
        ->onOneServer();
}
Schedule::call(Health::beat(...))->everyMinute();
Schedule::call(Outgoing::sweep(...))->hourly();
Schedule::call(fn() => rescue(fn() => app(BackupShelf::class)->sweep(), report: false))->hourly();
Schedule::command('salons:each messages:send')->everyMinute()->withoutOverlapping(5)->skip(fn(): bool => app(Closing::class)->isClosed());

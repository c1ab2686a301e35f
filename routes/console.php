<?php

declare(strict_types=1);

use App\Database\Closing;
use App\Salon\Backup\BackupShelf;
use App\Salon\Health;
use App\Transfer\Outgoing;
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

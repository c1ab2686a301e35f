<?php

declare(strict_types=1);

use App\Health\Health;
use Illuminate\Support\Facades\Schedule;

Schedule::command('salons:each salon:backup')->dailyAt('03:00')->timezone((string) config('salon.timezone'))->withoutOverlapping()->onOneServer();
Schedule::command('salons:each privacy:retain')->dailyAt('03:30')->timezone((string) config('salon.timezone'))->withoutOverlapping()->onOneServer();
Schedule::call(Health::beat(...))->everyMinute();
Schedule::command('salons:each messages:send')->everyMinute()->withoutOverlapping(5);

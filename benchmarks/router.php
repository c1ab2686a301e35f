<?php

declare(strict_types=1);

/**
 * The application with three routes more: a bare one as the baseline, one that writes a row as somebody signed in, and one that
 * signs the benchmark in. Served by benchmarks/read.php and write.php only.
 */

use App\Models\Staff;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->booting(function (): void {
    Route::get('bench/bare', fn(): array => ['ok' => true]);
    Route::get('bench/sign-in', function (): array {
        Auth::login(Staff::query()->firstOrFail());

        return ['ok' => true];
    })->middleware('web');
    // What any request costs that writes as somebody signed in: session, rate limit, one row that is on the disk.
    Route::post('bench/one-row', function (): array {
        DB::transaction(fn() => DB::table('marks')->orderByDesc('number')->limit(1)->update(['device' => (string) random_int(0, 9)]));

        return ['ok' => true];
    })->middleware(['web', 'auth', 'throttle:writes']);
});
// A machine that is quick enough sends more in a minute than a hand may: the limit is asked all the same.
$app->booted(fn() => RateLimiter::for('writes', fn(): Limit => Limit::perMinute(1_000_000)));
$app->handleRequest(Request::capture());

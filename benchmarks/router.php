<?php

declare(strict_types=1);

/**
 * The application with two routes more: a bare one as the baseline, and one that signs the benchmark in. Served by benchmarks/read.php
 * only.
 */

use App\Models\Staff;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
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
});
$app->handleRequest(Request::capture());

<?php

declare(strict_types=1);

namespace App\Providers;

use App\Answers\KeptAnswers;
use App\Database\ImmediateSqliteConnection;
use App\Models\Staff;
use App\Photos\PhotoStore;
use Illuminate\Auth\Access\Response;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn(...$arguments): Connection => new ImmediateSqliteConnection(...$arguments));
        $this->app->when(PhotoStore::class)->needs(Filesystem::class)->give(fn() => $this->app->make('filesystem')->disk('local'));
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());

        // Both come of `migrate`, which every update and every start of the demo runs.
        Event::listen([MigrationsEnded::class, NoPendingMigrations::class], fn() => $this->app->make(KeptAnswers::class)->dropAll());

        Gate::define('keep-house', fn(Staff $staff): Response => $staff->role->keepsTheHouse() ? Response::allow() : Response::deny(__('problems.needs_owner')));

        // Slow for a guesser, whichever name or whichever tablet is tried; roomy for a salon that shares one address.
        RateLimiter::for('sign-in', fn(Request $request): array => [
            Limit::perMinute(5)->by('name|'.mb_strtolower($request->string('name')->toString()).'|'.$request->ip()),
            Limit::perMinute(20)->by('address|'.$request->ip()),
        ]);
        // A tablet in a hurry makes a mark a second; several hundred a minute is a runaway.
        RateLimiter::for('writes', fn(Request $request): Limit => Limit::perMinute(600)->by($request->user()?->getAuthIdentifier() ?? $request->ip()));
        RateLimiter::for('client', fn(Request $request): Limit => Limit::perMinute(60)->by('client|'.$request->ip()));
        // Decoding a picture is work: a hundred a minute is no longer a hand.
        RateLimiter::for('photos', fn(Request $request): Limit => Limit::perMinute(100)->by($request->user()?->getAuthIdentifier() ?? $request->ip()));
    }
}

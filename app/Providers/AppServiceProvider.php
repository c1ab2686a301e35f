<?php

declare(strict_types=1);

namespace App\Providers;

use App\Clients\NameIndex;
use App\Clients\NextDayWord;
use App\Clients\PromiseWord;
use App\Clients\Sender;
use App\Clients\Senders;
use App\Clients\YesWord;
use App\Database\Closing;
use App\Database\DrawnFrom;
use App\Database\ImmediateSqliteConnection;
use App\Database\NoSuchSalon;
use App\Database\Places;
use App\Database\PostgresConnection;
use App\Database\SalonEntered;
use App\Database\Salons;
use App\Database\SharedSessions;
use App\Database\WholeMigration;
use App\Http\Resources\KeptAnswers;
use App\Models\Appointment;
use App\Models\Client;
use App\Models\ClientLink;
use App\Models\Dog;
use App\Models\Staff;
use App\Privacy\DataIsGone;
use App\Salon\Backup\FormerData;
use App\Salon\Backup\Pictures;
use App\Salon\Backup\UnfinishedSwap;
use App\Salon\ChainOwners;
use App\Salon\IncomingFiles;
use App\Salon\QuickChange;
use App\Salon\SalonBook;
use App\Visits\KeptFolds;
use App\Visits\PhotoStore;
use App\Visits\VisitMoved;
use App\Words\SentenceLoader;
use App\Words\Words;
use HoundCheck\Core\Marks\MarkReader;
use Illuminate\Auth\Access\Response;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Application as Artisan;
use Illuminate\Console\Events\CommandStarting;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\Console\Input\InputOption;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn(...$arguments): Connection => new ImmediateSqliteConnection(...$arguments));
        Connection::resolverFor('pgsql', fn(...$arguments): Connection => new PostgresConnection(...$arguments));
        // Which database it is about is known before any salon is entered.
        $kind = (string) config('database.default');
        $database = $kind === 'pgsql'
            ? implode('|', array_map(fn(string $part): string => (string) config("database.connections.pgsql.{$part}"), ['host', 'port', 'database', 'search_path']))
            : (string) config('database.connections.sqlite.database');
        $this->app->instance(Closing::class, Closing::of($database));
        foreach ($kind === 'pgsql' || $database === ':memory:' ? [] : UnfinishedSwap::all($database) as $unfinished) {
            $unfinished->takeBack($this->app->make(Closing::class));
        }
        $this->app->singleton(MarkReader::class);
        $this->app->extend('translation.loader', fn(): SentenceLoader => new SentenceLoader($this->app->make('files'), [lang_path()]));
        $this->app->scoped(DrawnFrom::class);
        $this->app->singleton(Places::class);
        $this->app->singleton(Salons::class);
        $this->app->bind(Sender::class, fn(): Sender => $this->app->make(Senders::chosen()));
        $this->app->when([PhotoStore::class, IncomingFiles::class, Pictures::class])
            ->needs(Filesystem::class)
            ->give(fn() => $this->app->make('filesystem')->disk());
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        // What counts before any salon said something of itself is read here, before the first one does.
        $this->app->make(Salons::class);
        $this->app->make(SalonBook::class)->apply();
        Event::listen(SalonEntered::class, fn() => $this->app->make(SalonBook::class)->apply());

        $this->app->singleton(WholeMigration::class, fn(Application $app): WholeMigration => new WholeMigration($app->make('migrator')));
        Event::listen(MigrationsStarted::class, fn() => $this->app->make(WholeMigration::class)->begin());
        Event::listen(MigrationsEnded::class, fn() => $this->app->make(WholeMigration::class)->end());
        // Both come of `migrate`, which every update and every start of the demo runs.
        Event::listen([MigrationsEnded::class, NoPendingMigrations::class], function (): void {
            $this->app->make(KeptAnswers::class)->dropAll();
            $this->app->make(KeptFolds::class)->forgetAll();
        });

        Auth::provider('staff-here', fn(Application $app, array $config): EloquentUserProvider => (new EloquentUserProvider(
            $app->make('hash'),
            $config['model'],
        ))->withQuery(fn(Builder $staff): Builder => $staff->where('of_salon', '')));
        Session::extend(SharedSessions::DRIVER, fn(Application $app): SharedSessions => new SharedSessions(
            $app->make('db')->connection(),
            config('session.table'),
            config('session.lifetime'),
            $app,
        ));

        // Every command works in the salon that `--salon` names.
        Artisan::starting(fn(Artisan $commands) => $commands->getDefinition()->addOption(
            new InputOption('salon', null, InputOption::VALUE_REQUIRED, 'The short name of a salon; without it, the first one'),
        ));
        Event::listen(CommandStarting::class, function (CommandStarting $starting): void {
            $salon = $starting->input->getParameterOption('--salon', null, true);
            try {
                is_string($salon) ? $this->app->make(Salons::class)->enter($salon) : null;
            } catch (NoSuchSalon $gone) {
                $starting->output->writeln("<error>{$gone->getMessage()}</error>");
                exit(1);
            }
        });

        // What a restore put aside still knows whoever is forgotten.
        Event::listen(DataIsGone::class, fn() => $this->app->make(FormerData::class)->delete());
        Event::listen(VisitMoved::class, NextDayWord::class);
        Event::listen(VisitMoved::class, YesWord::class);
        Event::listen(VisitMoved::class, PromiseWord::class);

        Dog::saved(
            fn(Dog $dog) => $dog->wasRecentlyCreated || $dog->wasChanged(['name', 'client_id'])
                ? (new NameIndex)->putDog($dog->load('client'))
                : null,
        );
        Client::saved(fn(Client $client) => (new NameIndex)->putClient($client));

        Gate::define(
            'keep-house',
            fn(Staff $staff): Response => match (true) {
                ! $staff->role->keepsTheHouse() => Response::deny(Words::of('problems.needs_owner')),
                QuickChange::isBehind(request()) => Response::deny(Words::of('sign_in.pin_is_for_the_work')),
                default => Response::allow(),
            },
        );

        Gate::define(
            'compare-salons',
            fn(Staff $staff): Response => match (true) {
                ! $staff->role->keepsTheHouse() || ! $this->app->make(ChainOwners::class)->has($staff) => Response::deny(Words::of('problems.needs_chain_owner')),
                QuickChange::isBehind(request()) => Response::deny(Words::of('sign_in.pin_is_for_the_work')),
                default => Response::allow(),
            },
        );

        Gate::define(
            'change-own-access',
            fn(): Response => QuickChange::isBehind(request()) ? Response::deny(Words::of('sign_in.pin_is_for_the_work')) : Response::allow(),
        );

        // A tablet in a hurry makes a mark a second; several hundred a minute is a runaway.
        RateLimiter::for('writes', fn(Request $request): Limit => Limit::perMinute(600)->by(
            $request->user()?->getAuthIdentifier() ?? $request->ip(),
        ));
        // Nobody changes their password often; somebody who guesses the old one tries it.
        RateLimiter::for('passwords', fn(Request $request): Limit => Limit::perMinute(5)->by('password|'.$request->user()?->getAuthIdentifier()));
        // A client thinks before asking again.
        RateLimiter::for('client-answers', fn(Request $request): Limit => Limit::perMinute(6)->by('link|'.self::linkOf($request)));
        RateLimiter::for('client', fn(Request $request): Limit => Limit::perMinute(60)->by('client|'.$request->ip()));
        // Each reads the whole salon.
        RateLimiter::for('exports', fn(Request $request): Limit => Limit::perMinute(6)->by('export|'.$request->user()?->getAuthIdentifier()));
        // Drawing one is half a second of work.
        RateLimiter::for('sheets', fn(Request $request): Limit => Limit::perMinute(20)->by(
            'sheet|'.($request->user()?->getAuthIdentifier() ?? self::linkOf($request)),
        ));
        // A key of 24 letters is not guessed, and nobody types it often.
        RateLimiter::for('set-up', fn(Request $request): Limit => Limit::perMinute(10)->by('set-up|'.$request->ip()));
        // Decoding a picture is work: a hundred a minute is no longer a hand.
        RateLimiter::for('photos', fn(Request $request): Limit => Limit::perMinute(100)->by(
            $request->user()?->getAuthIdentifier() ?? $request->ip(),
        ));
    }

    private static function linkOf(Request $request): string
    {
        $link = $request->route('link') ?? $request->route('appointment');

        return $link instanceof ClientLink || $link instanceof Appointment ? $link->id : (is_string($link) ? $link : '');
    }
}

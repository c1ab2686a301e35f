<?php

declare(strict_types=1);

use App\Http\Middleware\EnterSalon;
use App\Http\Middleware\LeaveTheSession;
use App\Http\Middleware\OpenByLink;
use App\Http\Middleware\PassWhileOpen;
use App\Http\Middleware\RefuseEndedSessions;
use App\Http\Middleware\RefuseUnreadableRequests;
use App\Http\Middleware\SendSecurityHeaders;
use App\Http\Middleware\SpeakTheirLanguage;
use App\Http\Problem;
use Database\Demo\BenchFill;
use Database\Demo\DemoFill;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Log;

// Sessions, logs, pictures and the database are the owner's of the process only.
umask(0077);
// A stack trace names the calls, never what was passed to them.
ini_set('zend.exception_ignore_args', '1');

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Console/Commands', DemoFill::class, BenchFill::class])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(PassWhileOpen::class);
        $middleware->prepend(RefuseUnreadableRequests::class);
        $middleware->prepend(SpeakTheirLanguage::class);
        $middleware->append([SendSecurityHeaders::class, LeaveTheSession::class]);
        // A changed password ends the other sessions of its owner.
        $middleware->appendToGroup('web', [EnterSalon::class, RefuseEndedSessions::class, AuthenticateSession::class]);
        // Before anybody asks who it is; and before that, in which salon.
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: RefuseEndedSessions::class);
        $middleware->prependToPriorityList(before: RefuseEndedSessions::class, prepend: EnterSalon::class);
        // Whether a signed link is whole is found out before anything is looked up by it.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: OpenByLink::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn(Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->render(fn(Throwable $failure, Request $request) => Problem::for($failure, $request));
        // What the client typed may hold a name or a phone number: it stays out of the log.
        $exceptions->dontFlash(['password', 'phone', 'name', 'note']);
        $exceptions->report(function (QueryException $failure): bool {
            Log::error(
                'A query failed.',
                ['sql' => $failure->getSql(), 'code' => $failure->getCode(), 'file' => $failure->getFile(), 'line' => $failure->getLine()],
            );

            return false;
        });
    })
    ->create();

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Auth\Middleware\RequirePassword;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Date;
use Symfony\Component\HttpKernel\Exception\LockedHttpException;

/**
 * Who may do what, what leaves the house, what is erased and the rules themselves: the password is asked for again, unless
 * it was given in the last ten minutes. A tablet that the owner left lying does not do it for whoever finds it.
 */
final class AskPasswordAgain extends RequirePassword
{
    /** Where the framework looks for when it was given. */
    private const GIVEN = 'auth.password_confirmed_at';

    public static function given(Session $session): void
    {
        $session->put(self::GIVEN, Date::now()->unix());
    }

    public static function notGiven(Session $session): void
    {
        $session->forget(self::GIVEN);
    }

    public function handle($request, Closure $next, $redirectToRoute = null, $passwordTimeoutSeconds = null): mixed
    {
        if ($this->shouldConfirmPassword($request, (int) config('auth.password_timeout'))) {
            throw new LockedHttpException;
        }

        return $next($request);
    }
}

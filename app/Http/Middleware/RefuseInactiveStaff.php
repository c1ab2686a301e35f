<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Staff;
use App\Salon\SignIns;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Someone who left the salon is signed out at the next request, wherever a tablet still has their session. */
final class RefuseInactiveStaff
{
    public function handle(Request $request, Closure $next): Response
    {
        $staff = $request->user();
        if ($staff instanceof Staff && ! $staff->active) {
            Auth::logout();
            SignIns::leave($request->session());

            throw new AuthenticationException;
        }

        return $next($request);
    }
}

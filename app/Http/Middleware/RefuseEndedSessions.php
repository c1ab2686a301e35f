<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\House\SignIns;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who signed out, or was signed out by somebody who may, stays signed out, whatever was still under way then. */
final class RefuseEndedSessions
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! SignIns::goesOn($request->session())) {
            $request->session()->invalidate();
        }

        return $next($request);
    }
}

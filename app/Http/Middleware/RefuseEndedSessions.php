<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\Salons;
use App\Salon\SignIns;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who signed out, or was signed out by somebody who may, stays signed out, whatever was still under way then. */
final readonly class RefuseEndedSessions
{
    public function __construct(private Salons $salons) {}

    public function handle(Request $request, Closure $next): Response
    {
        // On a client's page of another salon nobody is signed in.
        if (EnterSalon::isOwn($request, $this->salons) && ! SignIns::goesOn($request->session())) {
            SignIns::leave($request->session());
        }

        return $next($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\ClosedForNow;
use App\Database\Closing;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nobody comes in while the salon's data is copied or swapped, and it is not begun while somebody is in. */
final readonly class PassWhileOpen
{
    public function __construct(private Closing $closing) {}

    public function handle(Request $request, Closure $next): Response
    {
        // Health says by itself that it is closed.
        if (! $request->is('api/*') || $request->is('api/health')) {
            return $next($request);
        }
        $pass = $this->closing->pass() ?? throw ClosedForNow::asks();
        try {
            return $next($request);
        } finally {
            fclose($pass);
        }
    }
}

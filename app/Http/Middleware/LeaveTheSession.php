<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An answer that nobody is signed in may arrive after somebody has: a cookie of nobody's session would take theirs away. */
final class LeaveTheSession
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        foreach ($response->getStatusCode() === Response::HTTP_UNAUTHORIZED ? $response->headers->getCookies() : [] as $cookie) {
            $response->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
        }

        return $response;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\ClientAddress;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Support\Facades\URL;
use Symfony\Component\HttpFoundation\Response;

/** The client's page opens with a signed link that has not expired. What a messenger hangs on behind it is not looked at. */
final class OpenByLink
{
    public function handle(Request $request, Closure $next): Response
    {
        $isOurs = fn(string $parameter): bool => in_array($parameter, ['expires', ClientAddress::SALON], true);

        return URL::hasValidRelativeSignature($request, fn(string $parameter): bool => ! $isOurs($parameter))
            ? $next($request)
            : throw new InvalidSignatureException;
    }
}

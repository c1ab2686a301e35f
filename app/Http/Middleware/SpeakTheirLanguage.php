<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Languages;
use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The server answers in the language in which the screen asks; where it names none of ours, in the salon's. */
final class SpeakTheirLanguage
{
    public function __construct(private readonly Application $app) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->speak($request);

        return $next($request);
    }

    public function speak(Request $request): void
    {
        $ours = Languages::all();
        $asked = array_filter(
            array_map(fn(string $language): string => strtolower(substr($language, 0, 2)), $request->getLanguages()),
            fn(string $language): bool => in_array($language, $ours, true),
        );
        $this->app->setLocale(reset($asked) ?: Languages::ofTheSalon());
    }
}

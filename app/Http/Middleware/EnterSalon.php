<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\ClientAddress;
use App\Database\NoSuchSalon;
use App\Database\Salons;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory as Auth;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Into the salon that a request is about, before anything of it is looked up.
 *
 * Whoever is signed in is in the salon where they signed in, whatever they ask for. A client's page is in the salon that its
 * signed address names. Anybody else may choose in which one they sign in; the device remembers it.
 */
final readonly class EnterSalon
{
    public const SESSION = 'salon';

    private const COOKIE = 'hound_check_salon';

    private const COOKIE_MINUTES = 60 * 24 * 365;

    public function __construct(
        private Salons $salons,
        private Auth $auth,
        private SpeakTheirLanguage $language,
        private CookieJar $cookies,
    ) {}

    public function handle(Request $request, Closure $next): Response
    {
        $salon = self::isOpenedByAddress($request) ? self::named($request->query(ClientAddress::SALON)) : $this->ofDevice($request);
        try {
            $this->salons->enter($salon ?? Salons::MAIN);
        } catch (NoSuchSalon $gone) {
            throw new NotFoundHttpException(previous: $gone);
        }
        $this->language->speak($request);

        return $next($request);
    }

    /** Whether the salon that was entered is the one in which this device is signed in. */
    public static function isOwn(Request $request, Salons $salons): bool
    {
        return $request->session()->get(self::SESSION, Salons::MAIN) === $salons->current();
    }

    private function ofDevice(Request $request): ?string
    {
        $guard = $this->auth->guard();
        if ($guard instanceof SessionGuard && $request->session()->has($guard->getName())) {
            return self::named($request->session()->get(self::SESSION));
        }
        $chosen = self::named($request->query(ClientAddress::SALON));
        $salon = $chosen ?? self::named($request->cookie(self::COOKIE));
        // One that is gone must not keep anybody out of the others.
        if ($salon === null || ! isset($this->salons->all()[$salon])) {
            return null;
        }
        $chosen === null ? null : $this->remember($chosen);

        return $salon;
    }

    private function remember(string $salon): void
    {
        $secure = (bool) config('session.secure');
        $this->cookies->queue($this->cookies->make(self::COOKIE, $salon, self::COOKIE_MINUTES, secure: $secure, sameSite: 'strict'));
    }

    private static function isOpenedByAddress(Request $request): bool
    {
        $route = $request->route();

        return ! $request->hasSession() || in_array(OpenByLink::class, $route?->gatherMiddleware() ?? [], true);
    }

    private static function named(mixed $salon): ?string
    {
        return is_string($salon) && $salon !== '' ? $salon : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Database;

use DateTimeInterface;
use Illuminate\Support\Facades\URL;

/** Signed addresses of clients' pages: they name the salon, where there are several, and the signature covers that. */
final class ClientAddress
{
    public const SALON = 'salon';

    /**
     * @param array<string, string> $of parameters of the route
     *
     * @return string relative
     */
    public static function of(string $route, DateTimeInterface $until, array $of): string
    {
        return URL::temporarySignedRoute($route, $until, [...$of, ...self::salon()], absolute: false);
    }

    /** @return array<string, string> what an address says of the salon; nothing in the first one */
    public static function salon(): array
    {
        $salons = app(Salons::class);

        return $salons->isMain() ? [] : [self::SALON => $salons->current()];
    }

    /** The page that reads from such an address; one signature serves both. */
    public static function pageOf(string $address): string
    {
        return (string) preg_replace('~^/api/~', '/', $address);
    }
}

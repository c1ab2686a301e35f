<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\AskPasswordAgain;
use App\Http\Middleware\OpenByLink;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who may ask for what, as the API's description tells others, is what the routes let through. */
final class ContractRightsTest extends TestCase
{
    /** What the description says, by what stands before the route; the first that fits. */
    private const RIGHTS = [
        OpenByLink::class => 'By a signed link',
        'can:compare-salons' => 'For owners of several salons',
        'can:keep-house' => 'For owners',
        'can:change-own-access' => 'For whoever signed in with a password',
        'auth' => 'For whoever is signed in',
    ];

    public function test_every_route_is_described_and_nothing_else(): void
    {
        $described = [];
        foreach (Contract::document()['paths'] as $path => $operations) {
            foreach (array_keys($operations) as $method) {
                $described[] = "{$method} {$path}";
            }
        }

        self::assertEqualsCanonicalizing(array_keys(self::routes()), $described);
    }

    #[DataProvider('methods')]
    public function test_the_description_says_who_may(string $method): void
    {
        $seen = 0;
        foreach (self::routes() as $name => $guards) {
            [$asked, $path] = explode(' ', $name);
            if ($asked === $method) {
                $said = Contract::document()['paths'][$path][$method];
                self::assertSame(self::rights($guards), $said['description'], $name);
                self::assertSame(self::security($guards), $said['security'] ?? [['session' => []]], $name);
                $seen++;
            }
        }

        self::assertGreaterThan(0, $seen);
    }

    /** @return iterable<string, array{string}> */
    public static function methods(): iterable
    {
        foreach (['get', 'post', 'put', 'patch', 'delete'] as $method) {
            yield $method => [$method];
        }
    }

    /** @return array<string, list<string>> what stands before each route, by method and path */
    private static function routes(): array
    {
        $routes = [];
        foreach (Route::getRoutes() as $route) {
            foreach (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/{any}' ? $route->methods() : [] as $method) {
                $method === 'HEAD' ?: $routes[strtolower($method)." /{$route->uri()}"] = array_values($route->gatherMiddleware());
            }
        }

        return $routes;
    }

    /** @param list<string> $guards */
    private static function rights(array $guards): string
    {
        $fits = array_filter(array_keys(self::RIGHTS), fn(string $guard): bool => in_array($guard, $guards, true));
        $password = in_array(AskPasswordAgain::class, $guards, true) ? ', who give their password again' : '';

        return (self::RIGHTS[array_values($fits)[0] ?? ''] ?? 'For everybody').$password.'.';
    }

    /**
     * @param list<string> $guards
     *
     * @return list<array<string, list<string>>>
     */
    private static function security(array $guards): array
    {
        return match (true) {
            in_array(OpenByLink::class, $guards, true) => [['link' => []]],
            in_array('auth', $guards, true) => [['session' => []]],
            default => [],
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Database\Salons;
use App\Models\Staff;
use App\Salon\Done;
use App\Salon\HouseLog;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Slow for a guesser, whichever name is tried from wherever; roomy for a salon that shares one address.
 *
 * Only wrong tries count, so that nobody who knows the password is kept out by what others typed under other names.
 */
final readonly class SignInGuard
{
    /** Wrong tries under one name from one address in a minute. */
    private const A_MINUTE = 5;

    /** Wrong tries under one name from anywhere in a quarter of an hour. */
    private const A_QUARTER = 30;

    /** Tries from one address in a minute, whatever the names: beyond this it is only load. */
    private const FROM_AN_ADDRESS = 300;

    /** Lines about it in the owner's log: beyond this they only fill it. */
    private const TOLD_AN_HOUR = 20;

    private function __construct(private string $name, private string $address) {}

    /**
     * @param string $name as it was typed, or of whoever is signed in
     *
     * @throws ThrottleRequestsException
     */
    public static function for(Request $request, string $name): self
    {
        $guard = new self(trim($name), (string) $request->ip());
        foreach ($guard->limits() as [$key, $most, $seconds]) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw new ThrottleRequestsException(headers: ['Retry-After' => (string) RateLimiter::availableIn($key)]);
            }
        }

        return $guard;
    }

    /** Takes as long for a name that nobody has as for one that somebody has. */
    public function staff(string $password): ?Staff
    {
        $staff = Staff::here()->where('name', $this->name)->where('active', true)->first();
        $hash = $staff->password ?? Cache::rememberForever(
            'sign-in.nobody.'.config('hashing.bcrypt.rounds'),
            fn(): string => Hash::make('nobody'),
        );
        $fits = Hash::check($password, $hash);
        if ($staff === null || ! $fits) {
            $hits = array_map(fn(array $limit): int => RateLimiter::hit($limit[0], $limit[2]), $this->limits());
            if ($hits[0] === self::A_MINUTE) {
                $this->tell($staff);
            }

            return null;
        }
        RateLimiter::clear($this->limits()[0][0]);

        return $staff;
    }

    /** In the owner's log, alike for a name that nobody has; what was typed may be a password and is not kept. */
    private function tell(?Staff $staff): void
    {
        RateLimiter::attempt(
            app(Salons::class)->key('sign-in-told'),
            self::TOLD_AN_HOUR,
            fn() => rescue(fn() => HouseLog::note(Done::SignInRefused, null, ['name' => $staff->name ?? ''])),
            3600,
        );
    }

    /** @return list<array{string, int, int}> key, most tries, seconds */
    private function limits(): array
    {
        $name = app(Salons::class)->key(mb_strtolower($this->name));

        return [
            ["sign-in|{$name}|{$this->address}", self::A_MINUTE, 60],
            ["sign-in|{$name}", self::A_QUARTER, 900],
            ["sign-in||{$this->address}", self::FROM_AN_ADDRESS, 60],
        ];
    }
}

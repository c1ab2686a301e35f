<?php

declare(strict_types=1);

namespace App\Salon;

use App\Models\Staff;
use Carbon\CarbonImmutable;
use Illuminate\Cookie\CookieJar;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

/**
 * People change on a tablet of the salon by a short number instead of a password.
 *
 * A short number is only as good as the tablet it is typed on: it counts nowhere else, an owner opens each tablet for it, and a
 * few wrong ones ask for the password again.
 */
final readonly class QuickChange
{
    /** This sign-in is by PIN. */
    public const SESSION = 'by_pin';

    private const COOKIE = 'hound_check_tablet';

    private const COOKIE_MINUTES = 60 * 24 * 365;

    /** Wrong numbers for one person, and for anybody, on one tablet within a quarter of an hour. */
    private const OF_ONE = 5;

    private const OF_ALL = 12;

    private const SECONDS = 900;

    public function __construct(private CookieJar $cookies) {}

    public function open(Request $request, Staff $by): void
    {
        if (self::tabletOf($request) !== null) {
            return;
        }
        $token = Str::random(40);
        DB::table('shared_tablets')->insert([
            'id' => (string) Str::ulid(),
            'token_hash' => hash('sha256', $token),
            'opened_by' => $by->id,
            'opened_at' => CarbonImmutable::now(),
        ]);
        $secure = (bool) config('session.secure');
        $this->cookies->queue($this->cookies->make(self::COOKIE, $token, self::COOKIE_MINUTES, secure: $secure, sameSite: 'strict'));
    }

    public function close(Request $request): void
    {
        DB::table('shared_tablets')->where('id', self::tabletOf($request))->update(['closed_at' => CarbonImmutable::now()]);
        $this->cookies->queue($this->cookies->forget(self::COOKIE));
    }

    /** @return string|null id of the tablet; null: people do not change by PIN here */
    public static function tabletOf(Request $request): ?string
    {
        $token = $request->cookie(self::COOKIE);

        return is_string($token)
            ? DB::table('shared_tablets')->where('token_hash', hash('sha256', $token))->whereNull('closed_at')->value('id')
            : null;
    }

    /** @return Collection<int, Staff> who may change so, by name */
    public static function people(): Collection
    {
        return Staff::query()->where('active', true)->whereNotNull('pin')->orderBy('name')->get();
    }

    /**
     * @return Staff|null null: the number is wrong, or this person has none
     *
     * @throws PinLocked
     */
    public static function staff(string $tablet, string $staffId, string $pin): ?Staff
    {
        $limits = ["pin|{$tablet}|{$staffId}" => self::OF_ONE, "pin|{$tablet}" => self::OF_ALL];
        foreach ($limits as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw PinLocked::for(RateLimiter::availableIn($key));
            }
        }
        $staff = Staff::query()->whereKey($staffId)->where('active', true)->whereNotNull('pin')->first();
        if ($staff === null || ! Hash::check($pin, (string) $staff->pin)) {
            $hits = array_map(fn(string $key): int => RateLimiter::hit($key, self::SECONDS), array_keys($limits));
            // Told once, when they shut the way: what was typed is not kept.
            if ($hits[0] === self::OF_ONE || $hits[1] === self::OF_ALL) {
                rescue(fn() => HouseLog::note(Done::PinRefused, null, ['name' => Staff::query()->find($staffId)->name ?? '']));
            }

            return null;
        }
        RateLimiter::clear("pin|{$tablet}|{$staffId}");

        return $staff;
    }

    /** Whether this request's sign-in is by PIN. */
    public static function isBehind(Request $request): bool
    {
        return $request->hasSession() && $request->session()->get(self::SESSION) === true;
    }

    /** Four to eight figures, and none that everybody tries first: 1111, 1234, 8765. */
    public static function isFit(string $pin): bool
    {
        $figures = array_map(intval(...), str_split($pin));
        $steps = array_map(fn(int $one, int $next): int => $next - $one, array_slice($figures, 0, -1), array_slice($figures, 1));

        return preg_match('/^\d{4,8}$/D', $pin) === 1 && ! in_array(array_unique($steps), [[0], [1], [-1]], true);
    }
}

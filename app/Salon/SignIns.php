<?php

declare(strict_types=1);

namespace App\Salon;

use App\Models\SignIn;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/**
 * Who is signed in where.
 *
 * A request that was under way with a session writes it back as it was, and hands its cookie out again: what ended stays
 * ended because it says so here, whatever a session says.
 */
final class SignIns
{
    private const KEY = 'sign_in';

    /** One that stands in no list yet. */
    private const UNLISTED = 'sign_in_unlisted';

    private const SEEN_EVERY_SECONDS = 300;

    public static function begin(Request $request, Staff $staff): void
    {
        $request->session()->forget(self::KEY);
        $request->session()->put(self::UNLISTED, [
            'staff' => $staff->id,
            'browser' => Browser::named((string) $request->userAgent()),
            'began' => CarbonImmutable::now()->toIso8601String(),
            'password' => self::printOf($staff),
        ]);
        self::list($request->session());
    }

    /**
     * Into the list of who is signed in where. On a disk that takes no more one signs in to read all the same: then it is
     * listed by the first request for which there is room.
     *
     * @return bool whether it may go on; not where the password has changed meanwhile, which ended all that were listed
     */
    private static function list(Session $session): bool
    {
        $unlisted = $session->get(self::UNLISTED);
        if (! is_array($unlisted)) {
            return true;
        }
        $staff = Staff::query()->whereKey($unlisted['staff'])->first();
        if ($staff === null || self::printOf($staff) !== $unlisted['password']) {
            return false;
        }
        $signIn = rescue(fn(): SignIn => SignIn::query()->create([
            'staff_id' => $staff->id,
            'browser' => $unlisted['browser'],
            'began_at' => CarbonImmutable::parse($unlisted['began']),
            'seen_at' => CarbonImmutable::now(),
        ]), report: false);
        if ($signIn !== null) {
            $session->forget(self::UNLISTED);
            $session->put(self::KEY, $signIn->id);
        }

        return true;
    }

    private static function printOf(Staff $staff): string
    {
        return hash('sha256', $staff->getAuthPassword());
    }

    /** Whether a session may go on; and notes now and then that it was seen. */
    public static function goesOn(Session $session): bool
    {
        $id = self::idOf($session);
        if ($id === null) {
            return self::list($session);
        }
        $signIn = SignIn::query()->find($id);
        if ($signIn === null || $signIn->ended_at !== null) {
            return false;
        }
        if ($signIn->seen_at->diffInSeconds(CarbonImmutable::now(), true) >= self::SEEN_EVERY_SECONDS) {
            // On a disk that takes no more one reads all the same.
            rescue(fn() => SignIn::query()->whereKey($id)->update(['seen_at' => CarbonImmutable::now()]), report: false);
        }

        return true;
    }

    public static function idOf(Session $session): ?string
    {
        $id = $session->get(self::KEY);

        return is_string($id) ? $id : null;
    }

    /** This device's own. */
    public static function endHere(Session $session): void
    {
        // On a disk that takes no more one signs out all the same.
        rescue(fn(): int => self::stillOpen()->whereKey(self::idOf($session))->update(['ended_at' => CarbonImmutable::now()]));
        self::leave($session);
    }

    /** Nobody is signed in by it any more; whoever signs in next needs a token, and a session of nothing has none. */
    public static function leave(Session $session): void
    {
        $session->invalidate();
        $session->regenerateToken();
    }

    public static function end(SignIn $signIn, Staff $by): void
    {
        self::stillOpen()->whereKey($signIn->id)->update(['ended_at' => CarbonImmutable::now(), 'ended_by' => $by->id]);
    }

    /** On every device: a new password, or no access any more. */
    public static function endAllOf(Staff $staff): void
    {
        self::stillOpen()->where('staff_id', $staff->id)->update(['ended_at' => CarbonImmutable::now()]);
    }

    /** @return list<SignIn> that may still go on, the latest seen first */
    public static function open(?Staff $of = null): array
    {
        return array_values(self::stillOpen()
            ->where('seen_at', '>=', CarbonImmutable::now()->subMinutes((int) config('session.lifetime')))
            ->when($of !== null, fn($query) => $query->where('staff_id', $of?->id))
            ->orderByDesc('seen_at')->orderBy('id')
            ->get()->all());
    }

    /** @return Builder<SignIn> */
    private static function stillOpen(): Builder
    {
        return SignIn::query()->whereNull('ended_at');
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Cache;

/**
 * Sessions that somebody ended.
 *
 * A request that was under way with one writes it back as it was, and hands its cookie out again: without a trace of its end
 * it would stand again.
 */
final class EndedSessions
{
    public static function end(Session $session): void
    {
        // On a disk that takes no more one signs out all the same.
        rescue(fn(): bool => Cache::put(self::key($session), true, now()->addMinutes((int) config('session.lifetime'))));
        $session->invalidate();
    }

    public static function has(Session $session): bool
    {
        return Cache::has(self::key($session));
    }

    private static function key(Session $session): string
    {
        return 'session-ended:'.hash('sha256', $session->getId());
    }
}

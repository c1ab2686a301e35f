<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Message;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/** What was written to clients, is due, and did not go out: somebody passes it on. */
final class ToPassOn
{
    /** Later than so many days nobody waits for it any more. */
    private const DAYS = 3;

    /** @return Builder<Message> */
    public static function all(): Builder
    {
        $now = CarbonImmutable::now();

        return Message::query()
            ->whereNull('sent_at')
            ->whereNotNull('problem')
            ->where(fn(Builder $due) => $due->whereNull('due_at')->orWhere('due_at', '<=', $now))
            ->where('created_at', '>=', $now->subDays(self::DAYS));
    }
}

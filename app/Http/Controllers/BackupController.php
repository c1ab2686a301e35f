<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\Iso;
use App\Backup\BackupShelf;
use App\Http\Answer;
use App\Models\StoredMark;
use Carbon\CarbonImmutable;

/** When the last backup was made that was found whole. */
final readonly class BackupController
{
    private const WARN_AFTER_DAYS = 2;

    public function __invoke(BackupShelf $shelf): Answer
    {
        $verified = $shelf->lastVerified();
        // A salon that began yesterday has nothing to warn of yet; the demo's dogs are made up.
        $since = $verified ?? StoredMark::query()->orderBy('number')->first(['received_at'])?->received_at;
        $old = $since !== null && $since->isBefore(CarbonImmutable::now()->subDays(self::WARN_AFTER_DAYS));

        return new Answer(['lastVerifiedAt' => Iso::of($verified), 'count' => count($shelf->all()), 'warn' => $old && ! config('salon.demo')]);
    }
}

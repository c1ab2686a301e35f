<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\StoredMark;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\VisitFold;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/**
 * Folds of visits, kept between their marks: taking one mark does not read all those before it.
 *
 * One is good while the mark that it was kept after is there, and all that was known beside the marks is as it was.
 */
final readonly class KeptFolds
{
    /** Keeping costs about as much as reading so many marks. */
    private const EVERY = 25;

    private const DAYS_KEPT = 3;

    private const INSTALLED = 'folds-kept-by';

    /** @return array{VisitFold, int}|null with the number of the mark that it was kept after */
    public function find(string $visitId, Known $known): ?array
    {
        $kept = Cache::get($this->place($visitId));
        if (! is_array($kept) || ! StoredMark::query()->where($kept['after'])->where('visit_id', $visitId)->exists()) {
            return null;
        }
        // One that a disk has spoilt is none: all marks are there.
        $fold = rescue(fn(): mixed => unserialize((string) gzuncompress((string) base64_decode($kept['fold'], true))), report: false);
        if (! $fold instanceof VisitFold || ! $fold->knows($known)) {
            return null;
        }
        $fold->goesOnAfter(new MarksUntil($visitId, $kept['after']['number']));

        return [$fold, $kept['after']['number']];
    }

    /** @param int $since so many marks have come since it was kept last */
    public function isDue(int $since): bool
    {
        return $since >= self::EVERY;
    }

    /**
     * Under the lock of the visit, in which nothing of it is erased meanwhile. Where the marks are not stored after all, its last is not
     * there.
     *
     * @param int $number of its last mark
     */
    public function keep(string $visitId, VisitFold $fold, int $number, string $markId): void
    {
        $kept = ['after' => ['number' => $number, 'id' => $markId], 'fold' => base64_encode((string) gzcompress(serialize($fold), 1))];
        // A disk that takes no more still takes what is read from it.
        rescue(fn(): bool => Cache::put($this->place($visitId), $kept, now()->addDays(self::DAYS_KEPT)));
    }

    public function forget(string $visitId): void
    {
        Cache::forget($this->place($visitId));
    }

    /** After an update: an earlier version kept other folds. */
    public function forgetAll(): void
    {
        // Where the tables are taken down there is no place any more.
        rescue(fn(): bool => Cache::forget(self::INSTALLED), report: false);
    }

    private function place(string $visitId): string
    {
        $installed = Cache::rememberForever(self::INSTALLED, fn(): string => (string) Str::ulid());

        return "fold-{$installed}-".CoreVersion::CURRENT."-{$visitId}";
    }
}

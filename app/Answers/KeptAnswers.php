<?php

declare(strict_types=1);

namespace App\Answers;

use App\Models\Visit;
use App\Visits\OpenVisit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\CoreVersion;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The JSON of a visit, kept between its marks: every tablet asks for it every few seconds.
 *
 * A kept answer is good for one revision: the number of the visit's last mark, the day (a bath gate lapses at midnight),
 * the version of the dog's card (which its other visits move on, too), the clocks of whoever has the dog, and the version
 * of the core and of the build.
 */
final class KeptAnswers
{
    /** @param string $revision the one in force */
    public function of(Visit $visit, string $revision): string
    {
        $kept = DB::table('visit_answers')->where('visit_id', $visit->id)->where('revision', $revision)->value('answer');

        return is_string($kept) ? $kept : $this->draw($visit, $revision);
    }

    public function revision(Visit $visit): string
    {
        $from = DB::table('visits')
            ->join('dogs', 'dogs.id', '=', 'visits.dog_id')
            ->leftJoin(
                'work_clocks',
                fn($join) => $join->on('work_clocks.staff_id', '=', 'visits.groomer_id')->on('work_clocks.coat', '=', 'dogs.coat'),
            )
            ->groupBy('visits.id', 'last_number', 'closed_at', 'dogs.version')
            ->where('visits.id', $visit->id)
            ->select(['last_number', 'closed_at', 'dogs.version'])
            ->selectRaw('sum(work_clocks.count) as times, coalesce(sum(work_clocks.log_sum), 0) as log_sum')
            ->first();
        $day = $from?->closed_at === null ? CarbonImmutable::now(config('salon.timezone'))->toDateString() : '';

        return hash(
            'xxh128',
            implode(
                '|',
                [$from?->last_number, $from?->version, $from?->times, $from?->log_sum, $day, CoreVersion::CURRENT, self::build()],
            ),
        );
    }

    /** After an update: an earlier version drew other answers. */
    public function dropAll(): void
    {
        if (Schema::hasTable('visit_answers')) {
            DB::table('visit_answers')->delete();
        }
    }

    /** Kept only where nothing came between the beginning and the end of drawing it: it would stand under another's name. */
    private function draw(Visit $visit, string $revision): string
    {
        $answer = Json::of(VisitJson::of(OpenVisit::load(Visit::query()->findOrFail($visit->id))));
        if ($this->revision($visit) !== $revision) {
            return $answer;
        }
        try {
            DB::table('visit_answers')->upsert(
                [['visit_id' => $visit->id, 'revision' => $revision, 'answer' => $answer]],
                ['visit_id'],
                ['revision', 'answer'],
            );
        } catch (QueryException $failure) {
            // A disk that takes no more still has everything to read.
            report($failure);
        }

        return $answer;
    }

    private static function build(): string
    {
        $manifest = public_path('build/manifest.json');

        return is_file($manifest) ? (string) filemtime($manifest) : '';
    }
}

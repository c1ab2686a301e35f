<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Database\DrawnFrom;
use App\Database\Forgettable;
use App\Models\Visit;
use App\Visits\OpenVisit;
use App\Visits\Taken;
use HoundCheck\Core\CoreVersion;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The JSON of a visit, kept between its marks: every tablet asks for it every few seconds. It is good as long as all that it was drawn
 * from is as it was, and until the next version.
 */
final readonly class KeptAnswers
{
    public function __construct(private DrawnFrom $drawnFrom) {}

    /**
     * @param list<string> $known revisions that whoever asks has
     *
     * @return array{string|null, string|null} the answer, null: known; and its revision, null: it may be old already
     */
    public function of(Visit $visit, array $known = []): array
    {
        $kept = DB::table('visit_answers')->where('visit_id', $visit->id)->first(['sources', 'revision']);
        /** @var list<string>|null $sources */
        $sources = json_decode($kept->sources ?? 'null', true, flags: JSON_THROW_ON_ERROR);
        $revision = $sources === null ? null : self::revision(DrawnFrom::stamps($sources));
        if ($revision !== null && in_array($revision, $known, true)) {
            return [null, $revision];
        }
        $answer = DB::table('visit_answers')->where('visit_id', $visit->id)->where('revision', $revision ?? '')->value('answer');

        return is_string($answer) ? [$answer, $revision] : $this->draw(
            $visit->id,
            fn(): OpenVisit => OpenVisit::load(Visit::query()->findOrFail($visit->id)),
        );
    }

    /**
     * Of a visit that is folded already.
     *
     * @return array{string, string|null} the answer, and its revision; null: it may be old already
     */
    public function after(Taken $taken): array
    {
        $visit = $taken->marks->visit->unsetRelations();

        return $this->draw($visit->id, fn(): OpenVisit => OpenVisit::as($taken->marks), $taken->stamps);
    }

    /** After an update: an earlier version drew other answers. */
    public function dropAll(): void
    {
        if (Schema::hasTable('visit_answers')) {
            DB::table('visit_answers')->delete();
        }
    }

    /**
     * Kept only where nothing came between the beginning and the end of drawing it: it would stand under another's name.
     *
     * @param \Closure(): OpenVisit $open
     * @param array<string, string> $before stamps of what was read before
     *
     * @return array{string, string|null}
     */
    private function draw(string $visitId, \Closure $open, array $before = []): array
    {
        [$answer, $stamps] = $this->drawnFrom->during(fn(): string => Json::of(VisitJson::of($open())), $before);
        if ($stamps === null) {
            return [$answer, null];
        }
        $revision = self::revision($stamps);
        try {
            Forgettable::write(fn(): int => DB::table('visit_answers')->upsert(
                [[
                    'visit_id' => $visitId,
                    'sources' => json_encode(array_keys($stamps), JSON_THROW_ON_ERROR),
                    'revision' => $revision,
                    'answer' => $answer,
                ]],
                ['visit_id'],
                ['sources', 'revision', 'answer'],
            ));
        } catch (QueryException $failure) {
            // A disk that takes no more still has everything to read.
            report($failure);
        }

        return [$answer, $revision];
    }

    /** @param array<string, string> $stamps */
    private static function revision(array $stamps): string
    {
        return hash('xxh128', serialize([$stamps, CoreVersion::CURRENT, self::build()]));
    }

    private static function build(): string
    {
        $manifest = public_path('build/manifest.json');

        return is_file($manifest) ? (string) filemtime($manifest) : '';
    }
}

<?php

declare(strict_types=1);

namespace App\Visits;

use App\Http\Resources\VisitJson;
use App\Models\Dog;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The JSON of a visit, kept between its marks: every tablet asks for it every few seconds.
 *
 * A picture depends on the visit's marks, on the dog's card, and on the dog's earlier visits; whatever changes one of
 * these drops the pictures of that dog. A picture that is missing or of another number is made anew when asked for.
 */
final class VisitPictures
{
    public function of(Visit $visit): string
    {
        return $this->kept($visit) ?? DB::transaction(fn(): string => $this->keep(OpenVisit::load($visit->refresh())));
    }

    /** After a mark: this visit's picture is made at once, the dog's others when somebody asks. */
    public function renew(OpenVisit $open): void
    {
        $this->dropOf($open->visit->dog_id);
        $this->keep($open);
    }

    /** After a change of the dog's card. */
    public function dropOfDog(Dog $dog): void
    {
        $this->dropOf($dog->id);
    }

    /** After an update: an earlier version drew other pictures. */
    public function dropAll(): void
    {
        if (Schema::hasTable('visit_pictures')) {
            DB::table('visit_pictures')->delete();
        }
    }

    private function kept(Visit $visit): ?string
    {
        // Some of it follows the day: a bath gate lapses at midnight.
        $picture = DB::table('visit_pictures')->where('visit_id', $visit->id)->where('number', $visit->last_number)
            ->when($visit->closed_at === null, fn($open) => $open->where('made_on', self::today()))->value('picture');

        return is_string($picture) ? $picture : null;
    }

    private function keep(OpenVisit $open): string
    {
        $picture = json_encode(VisitJson::of($open), JSON_THROW_ON_ERROR);
        DB::table('visit_pictures')->upsert(
            [['visit_id' => $open->visit->id, 'number' => $open->visit->last_number, 'made_on' => self::today(), 'picture' => $picture]],
            ['visit_id'],
            ['number', 'made_on', 'picture'],
        );

        return $picture;
    }

    private static function today(): string
    {
        return CarbonImmutable::now(config('salon.timezone'))->toDateString();
    }

    private function dropOf(string $dogId): void
    {
        DB::table('visit_pictures')->whereIn('visit_id', Visit::query()->where('dog_id', $dogId)->select('id')->toBase())->delete();
    }
}

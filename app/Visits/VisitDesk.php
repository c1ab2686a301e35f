<?php

declare(strict_types=1);

namespace App\Visits;

use App\Database\OneByOne;
use App\Formats\CoatCaseFile;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\ShownPlan;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Visit\TermsNow;
use Illuminate\Support\Facades\DB;

/** Where marks are taken: each once, in the order of arrival, together with what follows from them. */
final class VisitDesk
{
    /** A long day at the table has six hundred; beyond this something runs wild. */
    public const MOST_MARKS = 5000;

    private const ROWS_AT_ONCE = 100;

    public function __construct(
        private readonly VisitProjection $projection,
        private readonly CoatCaseFile $coatCases,
        private readonly PhotoStore $photos,
        private readonly DogCard $card,
        private readonly MarkReader $reader,
    ) {}

    /**
     * A dog comes in. Sending the same visit twice opens it once.
     *
     * @throws DogIsAlreadyHere
     * @throws IdIsTaken
     */
    public function open(Arrival $arrival, Dog $dog, Staff $by): Visit
    {
        return DB::transaction(function () use ($arrival, $dog, $by): Visit {
            OneByOne::dog($dog->id);
            $visit = Visit::query()->find($arrival->visitId);
            if ($visit !== null) {
                return $visit->dog_id === $dog->id ? $visit : throw IdIsTaken::ofAVisit();
            }
            if (StoredMark::query()->where('id', $arrival->markId)->exists()) {
                throw IdIsTaken::ofAMark();
            }
            if (Visit::query()->where('dog_id', $dog->id)->whereNull('closed_at')->exists()) {
                throw DogIsAlreadyHere::named($dog->name);
            }
            $now = CarbonImmutable::now();
            $mark = $this->reader->read(
                MarkKind::Arrived,
                $arrival->markId,
                null,
                $arrival->at,
                $by->id,
                $this->card->arrivalPayload($dog, $arrival),
                $arrival->device,
            );
            $visit = $this->projection->begin($arrival, $dog, HouseRulesVersion::current()->version);
            StoredMark::query()->insert(StoredMark::rowOf($mark, $visit->id, $now));
            $this->projection->write(VisitMarks::load($visit));

            return $visit;
        });
    }

    /**
     * @param list<Mark<Payload>|MarkAnswer> $sent in the order of the hand; what could not be read is answered already
     * @param \DateTimeImmutable|null $sentAt what the device's clock said when it sent
     * @param bool $isTheClient they come through the client's own link
     * @param bool $isByPin $by signed in by PIN
     */
    public function record(
        Visit $visit,
        array $sent,
        Staff $by,
        ?\DateTimeImmutable $sentAt = null,
        bool $isTheClient = false,
        bool $isByPin = false,
    ): Taken {
        [$taken, $erased] = DB::transaction(function () use ($visit, $sent, $by, $sentAt, $isTheClient, $isByPin): array {
            $ids = array_map(fn(Mark|MarkAnswer $one): string => $one->id, $sent);
            $batch = new Batch($this->alone($visit), $ids, $by, $sentAt, $isTheClient, $isByPin);
            $answers = array_map(fn(Mark|MarkAnswer $one): MarkAnswer => match (true) {
                $one instanceof MarkAnswer => $one,
                $one->what instanceof PhotoTaken => MarkAnswer::photoNeedsItsFile($one->id),
                default => $this->take($batch, $one),
            }, $sent);
            $this->finish($batch);

            return [new Taken($answers, $batch->marks, $batch->marks->stamps()), $batch->erased()];
        });
        // Only when the marks are stored: a picture that is gone while the record still shows it would be worse than one
        // that is erased a moment later.
        array_map($this->photos->erase(...), $erased);

        return $taken;
    }

    /**
     * Takes a photo: the mark and its picture together. Sending it twice keeps the first.
     *
     * @param Mark<PhotoTaken> $sent
     */
    public function recordPhoto(Visit $visit, Mark $sent, KeptPhoto $photo, Staff $by, ?\DateTimeImmutable $sentAt = null): Taken
    {
        $kept = false;
        try {
            return DB::transaction(function () use ($visit, $sent, $photo, $by, $sentAt, &$kept): Taken {
                $batch = new Batch($this->alone($visit), [$sent->id], $by, $sentAt, false);
                $answer = $this->take($batch, $sent);
                if ($answer->wasTaken()) {
                    $kept = true;
                    $this->photos->keep($sent->id, $photo);
                    $this->finish($batch);
                }

                return new Taken([$answer], $batch->marks, $batch->marks->stamps());
            });
        } catch (\Throwable $failure) {
            // The mark is not stored, so nothing may be left of the picture either.
            $kept ? $this->photos->erase($sent->id) : null;

            throw $failure;
        }
    }

    /** The visit as it is now that nobody else writes: what was read before may be old. */
    private function alone(Visit $visit): VisitMarks
    {
        OneByOne::dog($visit->dog_id);

        return VisitMarks::load(Visit::query()->findOrFail($visit->id));
    }

    /** @param Mark<Payload> $sent */
    private function take(Batch $batch, Mark $sent): MarkAnswer
    {
        $known = $batch->visitOf($sent->id);
        if ($known !== null) {
            return $known === $batch->marks->visit->id ? MarkAnswer::already($sent->id) : MarkAnswer::usedElsewhere($sent->id);
        }
        if ($batch->marks->count() >= self::MOST_MARKS && ! self::alwaysPasses($sent)) {
            return MarkAnswer::visitIsFull($sent->id);
        }
        $mark = $batch->setRight($sent);
        $refusal = $batch->marks->refusal($mark, $batch->sender());
        if ($refusal !== null) {
            return MarkAnswer::refused($sent->id, $refusal);
        }
        if ($mark->what instanceof PlanShown) {
            $mark = (new TermsNow($batch->marks->report()))->writtenInto($mark->of(PlanShown::class));
            $this->keepJudgement(OpenVisit::as($batch->marks), $mark);
        }
        $batch->take($mark);

        return MarkAnswer::taken($sent->id);
    }

    /**
     * However full it is: a visit ends, and what is seen on the skin is written down.
     *
     * @param Mark<Payload> $mark
     */
    private static function alwaysPasses(Mark $mark): bool
    {
        return $mark->declared->alwaysFits || $mark->declared->phase === Phase::End;
    }

    private function finish(Batch $batch): void
    {
        if ($batch->rows === []) {
            return;
        }
        foreach (array_chunk($batch->rows, self::ROWS_AT_ONCE) as $rows) {
            StoredMark::query()->insert($rows);
        }
        $this->projection->write($batch->marks, $batch->before);
        $after = $batch->marks->state();
        $this->card->follow($batch->marks->visit, $batch->before, $after, $batch->answered);
        event(new VisitMoved($batch->marks, $batch->before));
        $batch->marks->keep($batch->marks->visit->last_number, (string) $batch->rows[array_key_last($batch->rows)]['id']);
    }

    /** @param Mark<Payload> $mark */
    private function keepJudgement(OpenVisit $open, Mark $mark): void
    {
        ShownPlan::query()->create([
            'id' => $mark->id,
            'visit_id' => $open->visit->id,
            'coat_case' => $this->coatCases->write($open->fromHere->case),
            'choices' => $open->totals->choices->codes(),
            'totals' => PlanTotalsJson::of($open->totals),
            'house_rules_version' => $open->visit->house_rules_version,
            'core_version' => CoreVersion::CURRENT,
            'created_at' => CarbonImmutable::now(),
        ]);
    }
}

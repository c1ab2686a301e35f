<?php

declare(strict_types=1);

namespace App\Visits;

use App\CoatCase\CoatCaseFile;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\ShownPlan;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Photos\KeptPhoto;
use App\Photos\PhotoStore;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Visit\Mark;
use HoundCheck\Core\Visit\MarkKind;
use HoundCheck\Core\Visit\Marks\PlanShown;
use HoundCheck\Core\Visit\Marks\Withdrawn;
use HoundCheck\Core\Visit\Stage;
use Illuminate\Support\Facades\DB;

/** Where marks are taken: each once, in the order of arrival, together with what follows from them. */
final class VisitDesk
{
    public function __construct(private readonly VisitProjection $projection, private readonly CoatCaseFile $coatCases, private readonly PhotoStore $photos) {}

    /**
     * A dog comes in. Sending the same visit twice opens it once.
     *
     * @param string $visitId ULID made by the device
     * @param string $markId ULID of the arrival mark, made by the device
     *
     * @throws DogIsAlreadyHere
     */
    public function open(string $visitId, string $markId, Dog $dog, Staff $by, CarbonImmutable $at, string $device, ?CarbonImmutable $promisedAt, ?int $slotMinutes): Visit
    {
        return DB::transaction(function () use ($visitId, $markId, $dog, $by, $at, $device, $promisedAt, $slotMinutes): Visit {
            $visit = Visit::query()->find($visitId);
            if ($visit !== null) {
                return $visit;
            }
            if (Visit::query()->where('dog_id', $dog->id)->whereNull('closed_at')->exists()) {
                throw DogIsAlreadyHere::named($dog->name);
            }
            $visit = Visit::query()->create([
                'id' => $visitId,
                'dog_id' => $dog->id,
                'house_rules_version' => HouseRulesVersion::current()->version,
                'day' => $at->setTimezone(config('salon.timezone'))->toDateString(),
                'arrived_at' => $at,
                'promised_at' => $promisedAt,
                'stage' => Stage::Arrived,
                'groomer_id' => null,
                'grades' => str_repeat('-', count(Section::cases())),
                'to_check' => count(Section::cases()),
                'undecided' => 0,
                'mat_load' => 0,
                'table_minutes' => 0,
                'tension' => 0,
                'tolerance' => 0,
                'last_number' => 0,
                'last_mark_at' => null,
                'closed_at' => null,
            ]);
            $this->store($visit, new SentMark($markId, MarkKind::Arrived, null, $at, $device, $this->arrivalPayload($dog, $at, $slotMinutes)), $by);
            $this->projection->write(OpenVisit::load($visit));

            return $visit;
        });
    }

    /**
     * @param list<SentMark> $sent in the order of the hand
     *
     * @return list<MarkAnswer> one for each, in the same order
     */
    public function record(Visit $visit, array $sent, Staff $by): array
    {
        $answers = DB::transaction(function () use ($visit, $sent, $by): array {
            $open = OpenVisit::load($visit);
            $known = StoredMark::query()->whereIn('id', array_map(fn(SentMark $mark): string => $mark->id, $sent))->pluck('visit_id', 'id')->all();
            $answers = [];
            foreach ($sent as $mark) {
                if (isset($known[$mark->id])) {
                    $answers[] = $known[$mark->id] === $visit->id ? MarkAnswer::already($mark->id) : MarkAnswer::usedElsewhere($mark->id);

                    continue;
                }
                [$answers[], $open] = $mark->kind === MarkKind::PhotoTaken ? [MarkAnswer::photoNeedsItsFile($mark->id), $open] : $this->take($open, $mark, $by);
                $known[$mark->id] = $visit->id;
            }
            if (array_filter($answers, fn(MarkAnswer $answer): bool => $answer->wasTaken()) !== []) {
                $this->projection->write($open);
            }

            return $answers;
        });
        $this->erasePictures($sent, $answers);

        return $answers;
    }

    /**
     * Takes a photo: the mark and its picture together. Sending it twice keeps the first.
     *
     * @param SentMark $sent of the kind `photo_taken`
     */
    public function recordPhoto(Visit $visit, SentMark $sent, KeptPhoto $photo, Staff $by): MarkAnswer
    {
        return DB::transaction(function () use ($visit, $sent, $photo, $by): MarkAnswer {
            $known = StoredMark::query()->where('id', $sent->id)->value('visit_id');
            if ($known !== null) {
                return $known === $visit->id ? MarkAnswer::already($sent->id) : MarkAnswer::usedElsewhere($sent->id);
            }
            [$answer, $open] = $this->take(OpenVisit::load($visit), $sent, $by);
            if ($answer->wasTaken()) {
                $this->photos->keep($sent->id, $photo);
                $this->projection->write($open);
            }

            return $answer;
        });
    }

    /**
     * Only when the marks are stored: a picture that is gone while the record still shows it would be worse than one
     * that is erased a moment later.
     *
     * @param list<SentMark> $sent
     * @param list<MarkAnswer> $answers
     */
    private function erasePictures(array $sent, array $answers): void
    {
        foreach ($sent as $index => $mark) {
            if ($mark->kind === MarkKind::PhotoDeleted && $answers[$index]->wasTaken()) {
                $this->photos->erase((string) $mark->payload['photoId']);
            }
        }
    }

    /** @return array{MarkAnswer, OpenVisit} */
    private function take(OpenVisit $open, SentMark $sent, Staff $by): array
    {
        try {
            $mark = Mark::read($sent->id, $sent->kind, $sent->section, $sent->at, $by->id, $sent->payload);
        } catch (UnreadableMark $unreadable) {
            return [MarkAnswer::unreadable($sent->id, $unreadable), $open];
        }
        if ($mark->kind->isOwners() && ! $by->role->keepsTheHouse()) {
            return [MarkAnswer::needsAnOwner($sent->id), $open];
        }
        if (! $by->role->decides() && $this->isDecision($mark, $open)) {
            return [MarkAnswer::needsAGroomer($sent->id), $open];
        }
        $refusal = $open->refusal($mark);
        if ($refusal !== null) {
            return [MarkAnswer::refused($sent->id, $refusal), $open];
        }
        $this->store($open->visit, $sent, $by);
        $next = $open->with($mark);
        if ($mark->payload instanceof PlanShown) {
            $this->keepJudgement($next, $mark);
        }

        return [MarkAnswer::taken($sent->id), $next];
    }

    /** Taking a decision back is a decision. */
    private function isDecision(Mark $mark, OpenVisit $open): bool
    {
        if (! $mark->payload instanceof Withdrawn) {
            return $mark->kind->isDecision();
        }
        foreach ($open->marks as $earlier) {
            if ($earlier->id === $mark->payload->markId) {
                return $earlier->kind->isDecision();
            }
        }

        return false;
    }

    private function store(Visit $visit, SentMark $sent, Staff $by): void
    {
        $stored = StoredMark::query()->create([
            'id' => $sent->id,
            'visit_id' => $visit->id,
            'kind' => $sent->kind,
            'section' => $sent->section,
            'at' => $sent->at,
            'received_at' => CarbonImmutable::now(),
            'staff_id' => $by->id,
            'device' => $sent->device,
            'payload' => $sent->payload,
        ]);
        $visit->last_number = $stored->number;
        $visit->last_mark_at = $sent->at;
        $visit->groomer_id = $by->id;
    }

    private function keepJudgement(OpenVisit $open, Mark $mark): void
    {
        ShownPlan::query()->create([
            'id' => $mark->id,
            'visit_id' => $open->visit->id,
            'coat_case' => $this->coatCases->write($open->report->case),
            'choices' => $open->totals->choices->codes(),
            'totals' => PlanTotalsJson::of($open->totals),
            'house_rules_version' => $open->visit->house_rules_version,
            'core_version' => CoreVersion::CURRENT,
            'created_at' => CarbonImmutable::now(),
        ]);
    }

    /** @return array<string, mixed> */
    private function arrivalPayload(Dog $dog, CarbonImmutable $at, ?int $slotMinutes): array
    {
        return array_filter([
            'weightKg' => $dog->weight_kg,
            'coat' => $dog->coat->value,
            'primitive' => $dog->primitive,
            'coatMm' => $dog->coat_mm,
            'sectionMm' => $dog->section_mm,
            'ageMonths' => $dog->ageMonths($at),
            'temperament' => $dog->temperament->value,
            'health' => $dog->health,
            'entireMale' => $dog->entire && $dog->sex === 'male',
            'slotMinutes' => $slotMinutes,
        ], fn(mixed $value): bool => $value !== null);
    }
}

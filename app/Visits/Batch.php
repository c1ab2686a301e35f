<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Staff;
use App\Models\StoredMark;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\Marks\HandClock;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Visit\VisitState;

/** Marks of one person for one visit while they are taken, one after the other, under the lock. */
final class Batch
{
    public readonly CarbonImmutable $now;

    /** The visit before the first of them. */
    public readonly VisitState $before;

    /** One of the questions of the arrival was answered. */
    public bool $answered = false;

    /** @var list<array<string, mixed>> rows to store */
    public array $rows = [];

    /** @var array<string, true> ids of the marks that were taken */
    private array $taken = [];

    /** @var array<string, string> visit by the id of a mark that was sent and is there already */
    private readonly array $known;

    private readonly HandClock $clock;

    /**
     * @param list<string> $ids of the marks
     * @param \DateTimeImmutable|null $sentAt what the device's clock said when it sent
     */
    public function __construct(
        public readonly VisitMarks $marks,
        array $ids,
        private readonly Staff $by,
        ?\DateTimeImmutable $sentAt,
        private readonly bool $isTheClient,
        private readonly bool $isByPin = false,
    ) {
        // As it is stored: what is folded now and what is read later are the same.
        $this->now = CarbonImmutable::now()->floorMillisecond();
        $this->clock = HandClock::of($this->now, $sentAt);
        $this->before = $marks->state();
        $this->known = StoredMark::query()->whereIn('id', $ids)->pluck('visit_id', 'id')->all();
    }

    /** The visit that a mark of this id belongs to; null when there is none. */
    public function visitOf(string $markId): ?string
    {
        return isset($this->taken[$markId]) ? $this->marks->visit->id : $this->known[$markId] ?? null;
    }

    /**
     * @param Mark<Payload> $mark with the device's time, and the last number of the visit that the device had
     *
     * @return Mark<Payload> with the time that counts, by the one who sends it, and so many marks as the device had
     */
    public function setRight(Mark $mark): Mark
    {
        $mine = $mark->by($this->by->id)->saw($mark->seen === null ? null : $this->marks->countedTo($mark->seen));

        return $this->clock->setRight($mine, $this->marks->visit->arrived_at->toDateTimeImmutable());
    }

    public function sender(): Recorder
    {
        $salon = new HereAndNow($this->marks->visit);

        return new Recorder($this->by->id, $this->by->role, $this->isTheClient, $this->now, $salon, $this->isByPin);
    }

    /** @param Mark<Payload> $mark */
    public function take(Mark $mark): void
    {
        $this->marks->take($mark->received($this->now->toDateTimeImmutable()));
        $this->answered = $this->answered || $mark->declared->changesTheCard;
        $this->taken[$mark->id] = true;
        $this->rows[] = StoredMark::rowOf($mark, $this->marks->visit->id, $this->now);
    }

    /** @return list<string> ids of photos whose picture goes */
    public function erased(): array
    {
        $gone = array_diff_key($this->marks->state()->kept->deletedPhotos, $this->before->kept->deletedPhotos);

        return array_keys($gone);
    }
}

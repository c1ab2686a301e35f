<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;

/**
 * One mark as it was recorded. Written once, never changed.
 *
 * @property int $number
 * @property string $id
 * @property string $visit_id
 * @property MarkKind $kind
 * @property string|null $section
 * @property CarbonImmutable $at time of the hand, by the server's clock and within the visit
 * @property CarbonImmutable|null $device_at by the device's own clock, where that was off
 * @property CarbonImmutable $received_at
 * @property string $staff_id
 * @property string $device
 * @property int|null $seen so many marks of the visit its device had
 * @property array<string, mixed> $payload
 * @property-read Staff $staff
 */
final class StoredMark extends Model
{
    private const TIME = 'Y-m-d H:i:s.v';

    public $timestamps = false;

    protected $table = 'marks';

    protected $primaryKey = 'number';

    protected $guarded = [];

    protected $dateFormat = self::TIME;

    /**
     * A row of the table for a mark.
     *
     * @param Mark<Payload> $mark
     *
     * @return array<string, mixed>
     */
    public static function rowOf(Mark $mark, string $visitId, \DateTimeInterface $receivedAt): array
    {
        return [
            'id' => $mark->id,
            'visit_id' => $visitId,
            'kind' => $mark->kind,
            'section' => $mark->section?->value,
            'at' => $mark->at->format(self::TIME),
            'device_at' => $mark->deviceAt?->format(self::TIME),
            'received_at' => $receivedAt->format(self::TIME),
            'staff_id' => $mark->by,
            'device' => $mark->device,
            'seen' => $mark->seen,
            'payload' => json_encode((object) $mark->fields, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ];
    }

    /** Rows of a visit's marks, in the order of arrival: it has many, and the core reads the time and the payload itself. */
    public static function of(string $visitId): Builder
    {
        return self::query()->toBase()->where('visit_id', $visitId)->orderBy('number');
    }

    /**
     * @param \stdClass $row of the table
     *
     * @return Mark<Payload>
     */
    public static function toMark(\stdClass $row): Mark
    {
        return app(MarkReader::class)->read(
            MarkKind::from($row->kind),
            $row->id,
            $row->section,
            new \DateTimeImmutable($row->at, new \DateTimeZone('UTC')),
            $row->staff_id,
            json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR),
            $row->device,
            true,
        )->received(new \DateTimeImmutable($row->received_at, new \DateTimeZone('UTC')))->saw($row->seen === null ? null : (int) $row->seen);
    }

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => MarkKind::class,
            'at' => 'immutable_datetime',
            'device_at' => 'immutable_datetime',
            'received_at' => 'immutable_datetime',
            'payload' => 'array',
        ];
    }
}

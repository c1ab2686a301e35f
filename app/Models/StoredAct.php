<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\Day\AppointmentActs;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An act on an appointment as it came. Never altered.
 *
 * @property string $id
 * @property string $appointment_id
 * @property int $number in the order of arrival
 * @property string $kind
 * @property array<string, mixed> $fields
 * @property string|null $staff_id null: the client, by the link
 * @property string $device
 * @property CarbonImmutable $at by the hand's clock
 * @property CarbonImmutable $received_at
 * @property-read Staff|null $staff
 */
final class StoredAct extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $table = 'appointment_acts';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    public function act(): AppointmentAct
    {
        return AppointmentActs::read($this->kind, $this->fields);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fields' => 'array', 'at' => 'immutable_datetime', 'received_at' => 'immutable_datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Visit\MarkKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One mark as it was recorded. Written once, never changed.
 *
 * @property int $number
 * @property string $id
 * @property string $visit_id
 * @property MarkKind $kind
 * @property string|null $section
 * @property CarbonImmutable $at
 * @property CarbonImmutable $received_at
 * @property string $staff_id
 * @property string $device
 * @property array<string, mixed> $payload
 * @property-read Staff $staff
 */
final class StoredMark extends Model
{
    public $timestamps = false;

    protected $table = 'marks';

    protected $primaryKey = 'number';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MarkKind::class, 'at' => 'immutable_datetime', 'received_at' => 'immutable_datetime', 'payload' => 'array'];
    }
}

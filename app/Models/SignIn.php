<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody signed in on a device, from then until it ends.
 *
 * @property string $id
 * @property string $staff_id
 * @property string $browser such as "Chrome, Android"
 * @property CarbonImmutable $began_at
 * @property CarbonImmutable $seen_at to five minutes
 * @property CarbonImmutable|null $ended_at
 * @property string|null $ended_by null: by itself, or by a new password
 * @property-read Staff $staff
 */
final class SignIn extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['began_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];
    }
}

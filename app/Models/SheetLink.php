<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The record of a visit that was sent to a client, who opens it by link. Written once; it can be withdrawn.
 *
 * @property string $id
 * @property string $visit_id
 * @property string $staff_id who sent it
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property-read Visit $visit
 */
final class SheetLink extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime', 'expires_at' => 'immutable_datetime', 'withdrawn_at' => 'immutable_datetime'];
    }
}

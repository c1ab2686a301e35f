<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A plan put to a client by link, exactly as the page shows it. What is shown is written once, never changed.
 *
 * @property string $id
 * @property string $visit_id
 * @property string $plan_id the mark that showed the plan
 * @property string $staff_id who sent it
 * @property array<string, mixed> $shown
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $opened_at
 * @property CarbonImmutable|null $settled_at with a yes or a no
 * @property string|null $settled_with
 * @property-read Visit $visit
 * @property-read Staff $staff
 */
final class ClientLink extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
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
            'shown' => 'array',
            'created_at' => 'immutable_datetime',
            'expires_at' => 'immutable_datetime',
            'opened_at' => 'immutable_datetime',
            'settled_at' => 'immutable_datetime',
        ];
    }
}

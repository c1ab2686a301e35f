<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an owner was asked to brush at home, exactly as their page shows it. Written once; it can be withdrawn.
 *
 * @property string $id
 * @property string $dog_id
 * @property string $visit_id
 * @property string $staff_id who gave it
 * @property array<string, mixed> $shown
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property-read Dog $dog
 */
final class OwnerPlan extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'shown' => 'array',
            'created_at' => 'immutable_datetime',
            'expires_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
        ];
    }
}

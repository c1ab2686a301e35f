<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Visit\Stage;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $dog_id
 * @property int $house_rules_version the rules in force when the dog came in
 * @property CarbonImmutable $day
 * @property CarbonImmutable $arrived_at
 * @property CarbonImmutable|null $promised_at
 * @property CarbonImmutable|null $first_promised_at as it was said on arrival
 * @property Stage $stage
 * @property string|null $groomer_id
 * @property string $grades one character a section in the order of the sections: 0–5, `-` not checked, `~` comb again, `x` left alone
 * @property float $mat_load
 * @property float $table_minutes
 * @property float $tension
 * @property float $tolerance
 * @property array<string, mixed>|null $day_facts what the day's list needs, as it was at the last mark
 * @property array<string, mixed>|null $memory what it tells of the dog, once it has ended
 * @property array{answer: string, who: string, via: string, at: string}|null $client_said what the client said last that counts
 * @property int $last_number
 * @property CarbonImmutable|null $last_mark_at
 * @property CarbonImmutable|null $closed_at
 * @property-read Dog $dog
 */
final class Visit extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return HasMany<StoredMark, $this> */
    public function marks(): HasMany
    {
        $marks = $this->hasMany(StoredMark::class);
        $marks->orderBy('number');

        return $marks;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'day' => 'immutable_date:Y-m-d',
            'arrived_at' => 'immutable_datetime',
            'promised_at' => 'immutable_datetime',
            'first_promised_at' => 'immutable_datetime',
            'last_mark_at' => 'immutable_datetime',
            'closed_at' => 'immutable_datetime',
            'stage' => Stage::class,
            'day_facts' => 'array',
            'memory' => 'array',
            'client_said' => 'array',
            'mat_load' => 'float',
            'table_minutes' => 'float',
            'tension' => 'float',
            'tolerance' => 'float',
        ];
    }
}

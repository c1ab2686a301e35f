<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the salon said of itself from some day on. Versions are added, never changed.
 *
 * @property int $version
 * @property bool $is_demo the made-up salon: decided once, with the first version
 * @property array<string, mixed> $says
 * @property string|null $staff_id
 * @property CarbonImmutable $created_at
 * @property-read Staff|null $staff
 */
final class SalonVersion extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'version';

    protected $guarded = [];

    public static function current(): ?self
    {
        return self::query()->orderByDesc('version')->first();
    }

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_demo' => 'boolean', 'says' => 'array', 'created_at' => 'immutable_datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something was done to the house, not to a dog. Never altered.
 *
 * @property string $id
 * @property CarbonImmutable $at
 * @property string $kind
 * @property string|null $staff_id who did it; null: nobody who was signed in
 * @property array<string, string|int> $about
 * @property-read Staff|null $staff
 */
final class LogEntry extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $table = 'house_log';

    protected $guarded = [];

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'about' => 'array'];
    }
}

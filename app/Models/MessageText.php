<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An owner's own words for a kind of message. Never altered: the latest of a kind and language counts.
 *
 * @property string $id
 * @property string $kind
 * @property string $language
 * @property string|null $text null: again as it comes with Hound Check
 * @property string $staff_id
 * @property CarbonImmutable $created_at
 * @property-read Staff $staff
 */
final class MessageText extends Model
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
        return ['created_at' => 'immutable_datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use HoundCheck\Core\House\HouseRules;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The house rules as they were from some day on. Versions are added, never changed.
 *
 * @property int $version
 * @property array<string, array<string, mixed>> $rules
 * @property string|null $staff_id
 * @property string|null $note why, in somebody's words
 * @property int|null $put_back the earlier version that counts again with this one
 * @property CarbonImmutable $created_at
 * @property-read Staff|null $staff
 */
final class HouseRulesVersion extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'house_rules';

    protected $primaryKey = 'version';

    protected $guarded = [];

    /** The rules in force now; the first call of a new salon writes the starting values down as version 1. */
    public static function current(): self
    {
        return self::here()->orderByDesc('version')->first() ?? self::query()->createOrFirst(['version' => 1], [
            'rules' => HouseRules::shop()->toArray(),
            'created_at' => CarbonImmutable::now(),
        ]);
    }

    /** @return Builder<self> this salon's own; those that came with a dog from elsewhere have numbers below zero */
    public static function here(): Builder
    {
        return self::query()->where('version', '>', 0);
    }

    /** @return BelongsTo<Staff, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    public function toCore(): HouseRules
    {
        return HouseRules::fromArray($this->rules);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rules' => 'array', 'created_at' => 'immutable_datetime'];
    }
}

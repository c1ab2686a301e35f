<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A plan exactly as it was put to a client, with everything it was made from. Written once, never changed.
 *
 * @property string $id the mark that showed it
 * @property string $visit_id
 * @property array<string, mixed> $coat_case in the coat case format
 * @property array<string, string> $choices treatment codes by section
 * @property array<string, mixed> $totals
 * @property int $house_rules_version
 * @property string $core_version
 * @property CarbonImmutable $created_at
 */
final class ShownPlan extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['coat_case' => 'array', 'choices' => 'array', 'totals' => 'array', 'created_at' => 'immutable_datetime'];
    }
}

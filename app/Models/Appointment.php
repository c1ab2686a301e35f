<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\House\Service;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * An appointment as its acts make it stand.
 *
 * @property string $id
 * @property string $dog_id
 * @property AppointmentState $state
 * @property Service $service
 * @property string|null $groomer_id null: any
 * @property CarbonImmutable|null $starts_at null: it waits for a time
 * @property CarbonImmutable|null $promised_at
 * @property string|null $visit_id once the dog has come in
 * @property string $note
 * @property bool $confirmed by the client
 * @property string|null $asked for another time, in the client's words
 * @property int $last_number
 * @property list<array{string, float, float}>|null $steps step, median in minutes, spread
 * @property string|null $steps_from what they were reckoned from
 * @property-read Dog $dog
 * @property-read Staff|null $groomer
 */
final class Appointment extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Staff, $this> */
    public function groomer(): BelongsTo
    {
        return $this->belongsTo(Staff::class);
    }

    /** @return HasMany<StoredAct, $this> */
    public function acts(): HasMany
    {
        $acts = $this->hasMany(StoredAct::class);
        $acts->orderBy('number');

        return $acts;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => AppointmentState::class,
            'service' => Service::class,
            'starts_at' => 'immutable_datetime',
            'promised_at' => 'immutable_datetime',
            'confirmed' => 'boolean',
            'steps' => 'array',
        ];
    }
}

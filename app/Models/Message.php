<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A message to a client, in the outbox.
 *
 * @property string $id
 * @property string|null $client_link_id null: it asks nothing
 * @property string|null $visit_id null: its link knows the visit
 * @property string|null $appointment_id of what it tells
 * @property string|null $kind as `MessageKind` names it; null: of an earlier version
 * @property string $to_name
 * @property string|null $to_phone
 * @property string|null $to_email
 * @property string $text
 * @property string|null $url
 * @property string|null $calendar what goes with it, iCalendar
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $due_at null: at once
 * @property CarbonImmutable|null $sent_at
 * @property string|null $sent_by name of the sender
 * @property CarbonImmutable|null $tried_at
 * @property int $tries
 * @property string|null $problem why it did not go out
 * @property-read ClientLink|null $link
 */
final class Message extends Model
{
    use HasUlidKey;

    public $timestamps = false;

    /** @return BelongsTo<ClientLink, $this> */
    public function link(): BelongsTo
    {
        return $this->belongsTo(ClientLink::class, 'client_link_id');
    }

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'created_at' => 'immutable_datetime',
            'due_at' => 'immutable_datetime',
            'sent_at' => 'immutable_datetime',
            'tried_at' => 'immutable_datetime',
            'tries' => 'integer',
        ];
    }
}

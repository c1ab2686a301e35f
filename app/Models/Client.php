<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use App\Words\Languages;
use Database\Factories\ClientFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $name
 * @property string|null $phone
 * @property string|null $email
 * @property bool|null $photos_allowed null: not asked
 * @property \Carbon\CarbonImmutable|null $erased_at they asked to be forgotten
 * @property string|null $language of messages and of the page that a link opens; null: as the salon speaks
 */
final class Client extends Model
{
    /** @use HasFactory<ClientFactory> */
    use HasFactory;
    use HasUlidKey;

    /** Columns by which a client is named, written to and called. */
    public const REACHED = 'id,name,phone,email,language';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['email' => null, 'language' => null, 'photos_allowed' => null];

    public function speaks(): string
    {
        return $this->language ?? Languages::ofTheSalon();
    }

    /** @return array<string, mixed> as the API and open formats tell it */
    public function told(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'phone' => $this->phone,
            'email' => $this->email,
            'language' => $this->language,
            'photosAllowed' => $this->photos_allowed,
        ];
    }

    /** @return HasMany<Dog, $this> */
    public function dogs(): HasMany
    {
        return $this->hasMany(Dog::class);
    }

    /** A plan for one of the dogs was put to them today: where answers come from is a decision then. */
    public function isAskedNow(): bool
    {
        return Visit::query()
            ->whereIn('dog_id', $this->dogs()->select('id'))
            ->whereNull('closed_at')
            ->whereHas('marks', fn($marks) => $marks->where('kind', 'plan_shown'))
            ->exists();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['photos_allowed' => 'boolean', 'erased_at' => 'immutable_datetime'];
    }
}

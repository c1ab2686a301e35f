<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Database\Factories\ClientFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $name
 * @property string|null $phone
 */
final class Client extends Model
{
    /** @use HasFactory<ClientFactory> */
    use HasFactory;
    use HasUlidKey;

    protected $guarded = [];

    /** @return HasMany<Dog, $this> */
    public function dogs(): HasMany
    {
        return $this->hasMany(Dog::class);
    }
}

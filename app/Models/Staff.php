<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\DrawnFrom;
use App\Database\Source;
use App\Models\Concerns\HasUlidKey;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Collection;

/**
 * @property string $id
 * @property string $name
 * @property Role $role
 * @property bool $active
 * @property string|null $pin hash of a short number for the salon's own tablets
 * @property string|null $language of the screens; null: as the salon speaks
 * @property string $of_salon of another salon, whose record of a dog names them; empty: of this one
 * @property bool $letter_keys single letters, figures and signs are keys on the screens
 */
final class Staff extends User
{
    /** @use HasFactory<StaffFactory> */
    use HasFactory;
    use HasUlidKey;

    protected $table = 'staff';

    protected $guarded = [];

    protected $hidden = ['password', 'pin'];

    /** @var array<string, mixed> */
    protected $attributes = ['letter_keys' => true, 'language' => null, 'pin' => null, 'of_salon' => ''];

    /** @return Builder<self> who works here, or did */
    public static function here(): Builder
    {
        return self::query()->where('of_salon', '');
    }

    /** @return Collection<string, string> what everybody is called, by id */
    public static function names(): Collection
    {
        DrawnFrom::read(Source::Names);

        return self::query()->toBase()->pluck('name', 'id');
    }

    /** Sessions end with the working day; nobody is remembered beyond it. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'pin' => 'hashed', 'active' => 'boolean', 'letter_keys' => 'boolean'];
    }
}

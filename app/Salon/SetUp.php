<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\OneByOne;
use App\Database\Salons;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use HoundCheck\Core\House\UnusableHouseRules;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * An empty installation becomes somebody's salon, once.
 *
 * Whoever reaches the address of an empty installation could open it: the key that its computer shows says who may.
 */
final readonly class SetUp
{
    private const KEY = 'set-up-key';

    private const KEY_DAYS = 7;

    public function __construct(private StaffBook $people, private HouseBook $house, private SalonBook $salon) {}

    /** Whether nobody works here yet. The demo is filled, never set up. */
    public static function isOpen(): bool
    {
        return ! config('salon.demo') && Staff::query()->doesntExist();
    }

    /** A new key; an earlier one opens nothing any more. */
    public static function key(): string
    {
        $key = Str::lower(Str::random(24));
        Cache::put(self::place(), hash('sha256', $key), now()->addDays(self::KEY_DAYS));

        return $key;
    }

    public static function fits(string $key): bool
    {
        return hash_equals((string) Cache::get(self::place()), hash('sha256', trim($key)));
    }

    private static function place(): string
    {
        return app(Salons::class)->key(self::KEY);
    }

    /**
     * All of it or nothing.
     *
     * @param array<string, mixed> $rules house rules that differ from their starting values, by path
     *
     * @throws SalonIsOpen when somebody else was quicker
     * @throws StaffNotKept
     * @throws UnusableHouseRules
     */
    public function open(Salon $salon, string $owner, string $password, array $rules): Staff
    {
        $staff = DB::transaction(function () use ($salon, $owner, $password, $rules): Staff {
            OneByOne::on('set-up');
            if (! self::isOpen()) {
                throw SalonIsOpen::already();
            }
            $staff = $this->people->add($owner, Role::Owner, $password);
            $this->salon->begin($salon, isDemo: false, by: $staff);
            $this->house->change(HouseRulesVersion::current()->version, $rules, null, $staff);

            return $staff;
        });
        Cache::forget(self::place());
        $this->salon->apply();

        return $staff;
    }
}

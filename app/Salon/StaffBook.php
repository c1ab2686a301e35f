<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\OneByOne;
use App\Models\Staff;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Who works here: one rule for the screens and the commands. What somebody recorded stays under their name for good. */
final class StaffBook
{
    public const SHORTEST_PASSWORD = 10;

    public const LONGEST_NAME = 60;

    /** @throws StaffNotKept */
    public function add(string $name, Role $role, string $password): Staff
    {
        return DB::transaction(function () use ($name, $role, $password): Staff {
            OneByOne::on('people');
            $name = self::nameFor($name, null);
            self::checkPassword($password);

            return Staff::query()->create(['name' => $name, 'role' => $role, 'password' => $password, 'active' => true]);
        });
    }

    /**
     * All of it or nothing; what is null stays as it is. Somebody who is made inactive is signed out at the next request.
     *
     * @throws StaffNotKept
     */
    public function change(Staff $staff, ?string $name = null, ?Role $role = null, ?bool $active = null, ?string $password = null): Staff
    {
        return DB::transaction(function () use ($staff, $name, $role, $active, $password): Staff {
            OneByOne::on('people');
            $staff = Staff::here()->findOrFail($staff->id);
            $staff->name = $name === null ? $staff->name : self::nameFor($name, $staff);
            $staff->role = $role ?? $staff->role;
            $staff->active = $active ?? $staff->active;
            if (! ($staff->active && $staff->role === Role::Owner) && self::isTheOnlyOwner($staff)) {
                throw StaffNotKept::because(StaffProblem::OnlyOwner);
            }
            $staff->save();
            $staff->active ? null : SignIns::endAllOf($staff);
            $password === null ? null : $this->password($staff, $password);

            return $staff;
        });
    }

    /**
     * Ends every session of theirs.
     *
     * @throws StaffNotKept
     */
    public function password(Staff $staff, string $password): void
    {
        self::checkPassword($password);
        // Whoever forgot the one may have told the other.
        $staff->update(['password' => $password, 'pin' => null]);
        SignIns::endAllOf($staff);
    }

    /** @throws StaffNotKept */
    public function ownPassword(Staff $staff, string $current, string $password): void
    {
        if (! Hash::check($current, $staff->getAuthPassword())) {
            throw StaffNotKept::because(StaffProblem::WrongPassword);
        }
        $this->password($staff, $password);
    }

    /**
     * A short number for the salon's own tablets; null: none any more.
     *
     * @throws StaffNotKept
     */
    public function ownPin(Staff $staff, string $current, ?string $pin): void
    {
        if (! Hash::check($current, $staff->getAuthPassword())) {
            throw StaffNotKept::because(StaffProblem::WrongPassword);
        }
        if ($pin !== null && ! QuickChange::isFit($pin)) {
            throw StaffNotKept::because(StaffProblem::PinUnfit);
        }
        $staff->update(['pin' => $pin]);
    }

    private static function isTheOnlyOwner(Staff $staff): bool
    {
        return Staff::query()->whereKey($staff->id)->where('role', Role::Owner)->where('active', true)->exists()
            && Staff::query()->where('role', Role::Owner)->where('active', true)->where('id', '!=', $staff->id)->doesntExist();
    }

    /** @throws StaffNotKept */
    private static function nameFor(string $name, ?Staff $staff): string
    {
        $name = trim($name);
        $problem = match (true) {
            $name === '' => StaffProblem::NameMissing,
            mb_strlen($name) > self::LONGEST_NAME => StaffProblem::NameTooLong,
            Staff::here()->where('name', $name)->where('id', '!=', $staff->id ?? '')->exists() => StaffProblem::NameTaken,
            default => null,
        };

        return $problem === null ? $name : throw StaffNotKept::because($problem);
    }

    /** @throws StaffNotKept */
    private static function checkPassword(string $password): void
    {
        if (mb_strlen($password) < self::SHORTEST_PASSWORD) {
            throw StaffNotKept::because(StaffProblem::PasswordShort);
        }
    }
}

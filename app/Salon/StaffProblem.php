<?php

declare(strict_types=1);

namespace App\Salon;

/** Why somebody's sign-in is not kept like that. The sentences are in lang/. */
enum StaffProblem: string
{
    case NameMissing = 'name_missing';
    case NameTooLong = 'name_too_long';
    case NameTaken = 'name_taken';
    case PasswordShort = 'password_short';
    case OnlyOwner = 'only_owner';
    case WrongPassword = 'wrong_password';
    case PinUnfit = 'pin_unfit';

    public function field(): string
    {
        return match ($this) {
            self::NameMissing, self::NameTooLong, self::NameTaken => 'name',
            self::PasswordShort => 'password',
            self::WrongPassword => 'current',
            self::OnlyOwner => 'role',
            self::PinUnfit => 'pin',
        };
    }
}

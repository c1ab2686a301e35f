<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Staff;
use App\Models\StaffRole;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Staff> */
final class StaffFactory extends Factory
{
    public const PASSWORD = 'a-long-enough-password';

    protected $model = Staff::class;

    private static int $made = 0;

    public function definition(): array
    {
        return ['name' => 'Groomer '.++self::$made, 'role' => StaffRole::Groomer, 'password' => self::PASSWORD, 'active' => true];
    }
}

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Staff;
use HoundCheck\Core\Marks\Role;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Staff> */
final class StaffFactory extends Factory
{
    public const PASSWORD = 'a-long-enough-password';

    protected $model = Staff::class;

    private static int $made = 0;

    public function definition(): array
    {
        return ['name' => 'Groomer '.++self::$made, 'role' => Role::Groomer, 'password' => self::PASSWORD, 'active' => true];
    }
}

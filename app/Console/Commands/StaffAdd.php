<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Staff;
use HoundCheck\Core\Marks\Role;
use Illuminate\Console\Command;

final class StaffAdd extends Command
{
    public const SHORTEST_PASSWORD = 10;

    protected $signature = 'staff:add {name} {role : owner, groomer or apprentice}';

    protected $description = 'Add someone who may sign in; asks for the password';

    public function handle(): int
    {
        $name = Argument::text($this, 'name');
        $role = Role::tryFrom(Argument::text($this, 'role'));
        if ($role === null) {
            return $this->refuse('The role must be owner, groomer or apprentice.');
        }
        if ($name === '' || mb_strlen($name) > 60 || Staff::query()->where('name', $name)->exists()) {
            return $this->refuse('The name must be new and at most 60 characters long.');
        }
        $password = (string) $this->secret('Password (at least '.self::SHORTEST_PASSWORD.' characters)');
        if (mb_strlen($password) < self::SHORTEST_PASSWORD) {
            return $this->refuse('The password must have at least '.self::SHORTEST_PASSWORD.' characters.');
        }
        Staff::query()->create(['name' => $name, 'role' => $role, 'password' => $password, 'active' => true]);
        $this->info("{$name} can sign in as {$role->value}.");

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->error($why);

        return self::FAILURE;
    }
}

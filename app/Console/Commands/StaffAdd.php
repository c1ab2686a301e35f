<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Salon\StaffBook;
use App\Salon\StaffNotKept;
use HoundCheck\Core\Marks\Role;
use Illuminate\Console\Command;

final class StaffAdd extends Command
{
    protected $signature = 'staff:add {name} {role : owner, groomer or apprentice}';

    protected $description = 'Add someone who may sign in; asks for the password';

    public function handle(StaffBook $book): int
    {
        $role = Role::tryFrom(Argument::text($this, 'role'));
        if ($role === null) {
            $this->error('The role must be owner, groomer or apprentice.');

            return self::FAILURE;
        }
        try {
            $password = (string) $this->secret('Password (at least '.StaffBook::SHORTEST_PASSWORD.' characters)');
            $staff = $book->add(Argument::text($this, 'name'), $role, $password);
        } catch (StaffNotKept $not) {
            $this->error($not->getMessage());

            return self::FAILURE;
        }
        $this->info("{$staff->name} can sign in as {$role->value}.");

        return self::SUCCESS;
    }
}

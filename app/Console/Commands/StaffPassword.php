<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Staff;
use Illuminate\Console\Command;

final class StaffPassword extends Command
{
    protected $signature = 'staff:password {name}';

    protected $description = 'Give somebody a new password, asked for here; it signs them out everywhere';

    public function handle(): int
    {
        $staff = Staff::query()->where('name', Argument::text($this, 'name'))->first();
        if ($staff === null) {
            $this->error('Nobody of this name is known.');

            return self::FAILURE;
        }
        $password = (string) $this->secret('New password (at least '.StaffAdd::SHORTEST_PASSWORD.' characters)');
        if (mb_strlen($password) < StaffAdd::SHORTEST_PASSWORD) {
            $this->error('The password must have at least '.StaffAdd::SHORTEST_PASSWORD.' characters. Nothing was changed.');

            return self::FAILURE;
        }
        $staff->update(['password' => $password]);
        $this->info("{$staff->name} signs in with the new password from now on.");

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Staff;
use App\Salon\StaffBook;
use App\Salon\StaffNotKept;
use Illuminate\Console\Command;

final class StaffPassword extends Command
{
    protected $signature = 'staff:password {name}';

    protected $description = 'Give somebody a new password, asked for here; it signs them out everywhere';

    public function handle(StaffBook $book): int
    {
        $staff = Staff::here()->where('name', Argument::text($this, 'name'))->first();
        if ($staff === null) {
            $this->error('Nobody of this name is known.');

            return self::FAILURE;
        }
        try {
            $book->password($staff, (string) $this->secret('New password (at least '.StaffBook::SHORTEST_PASSWORD.' characters)'));
        } catch (StaffNotKept $not) {
            $this->error("{$not->getMessage()} Nothing was changed.");

            return self::FAILURE;
        }
        $this->info("{$staff->name} signs in with the new password from now on.");

        return self::SUCCESS;
    }
}

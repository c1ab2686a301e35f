<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Staff;
use App\Salon\StaffBook;
use App\Salon\StaffNotKept;
use Illuminate\Console\Command;

final class StaffActive extends Command
{
    protected $signature = 'staff:active {name} {active : yes or no}';

    protected $description = 'Say whether somebody works here; who does not is signed out everywhere and cannot sign in';

    public function handle(StaffBook $book): int
    {
        $staff = Staff::here()->where('name', Argument::text($this, 'name'))->first();
        $active = ['yes' => true, 'no' => false][Argument::text($this, 'active')] ?? null;
        if ($staff === null || $active === null) {
            $this->error($staff === null ? 'Nobody of this name is known.' : 'Say yes or no.');

            return self::FAILURE;
        }
        try {
            $book->change($staff, active: $active);
        } catch (StaffNotKept $not) {
            $this->error($not->getMessage());

            return self::FAILURE;
        }
        $this->info(
            $active
                ? "{$staff->name} can sign in again."
                : "{$staff->name} can no longer sign in. What they recorded stays under their name.",
        );

        return self::SUCCESS;
    }
}

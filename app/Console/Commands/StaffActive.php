<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Staff;
use HoundCheck\Core\Marks\Role;
use Illuminate\Console\Command;

final class StaffActive extends Command
{
    protected $signature = 'staff:active {name} {active : yes or no}';

    protected $description = 'Say whether somebody works here; who does not is signed out everywhere and cannot sign in';

    public function handle(): int
    {
        $staff = Staff::query()->where('name', Argument::text($this, 'name'))->first();
        $active = ['yes' => true, 'no' => false][Argument::text($this, 'active')] ?? null;
        if ($staff === null || $active === null) {
            $this->error($staff === null ? 'Nobody of this name is known.' : 'Say yes or no.');

            return self::FAILURE;
        }
        $isTheOnlyOwner = $staff->role === Role::Owner
            && Staff::query()->where('role', Role::Owner)->where('active', true)->where('id', '!=', $staff->id)->doesntExist();
        if (! $active && $isTheOnlyOwner) {
            $this->error('This is the only owner. Add another with staff:add first.');

            return self::FAILURE;
        }
        $staff->update(['active' => $active]);
        $this->info(
            $active
                ? "{$staff->name} can sign in again."
                : "{$staff->name} can no longer sign in. What they recorded stays under their name.",
        );

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Staff;
use App\Salon\ChainOwners;
use HoundCheck\Core\Marks\Role;
use Illuminate\Console\Command;

final class SalonsChainOwner extends Command
{
    protected $signature = 'salons:chain-owner {name : an owner of the salon that --salon names} {--no-longer}';

    protected $description = 'Let an owner of one salon compare all salons of this installation';

    public function handle(ChainOwners $owners): int
    {
        $name = Argument::text($this, 'name');
        $staff = Staff::here()->where('name', $name)->where('role', Role::Owner)->first();
        if ($staff === null) {
            $this->error("No owner of this salon is called {$name}.");

            return self::FAILURE;
        }
        $this->option('no-longer') ? $owners->remove($staff) : $owners->add($staff);
        $this->info($this->option('no-longer') ? "{$name} sees their own salon only." : "{$name} can compare the salons.");

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\SalonNotAdded;
use App\Database\Salons;
use Illuminate\Console\Command;

/** Another salon in this installation, with a database, house rules, people and pictures of its own. */
final class SalonsAdd extends Command
{
    protected $signature = 'salons:add {salon : its short name, such as "harbour"} {name : as it is called}
        {--address=http://127.0.0.1 : where the application is reached}';

    protected $description = 'Add another salon to this installation, and show the address under which it is set up';

    public function handle(Salons $salons): int
    {
        $salon = Argument::text($this, 'salon');
        try {
            $salons->add($salon, Argument::text($this, 'name'));
        } catch (SalonNotAdded $not) {
            $this->error($not->getMessage());

            return self::FAILURE;
        }

        return $salons->within($salon, function (): int {
            $this->callSilently('migrate', ['--force' => true]);

            return $this->call('salon:open', ['--address' => $this->option('address')]);
        });
    }
}

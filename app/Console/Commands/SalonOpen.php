<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\ClientAddress;
use App\Models\SalonVersion;
use App\Salon\SetUp;
use Illuminate\Console\Command;

final class SalonOpen extends Command
{
    protected $signature = 'salon:open {--address=http://127.0.0.1 : where the application is reached}';

    protected $description = 'Show the address under which an empty installation is set up, with a new key';

    public function handle(): int
    {
        if (SalonVersion::current()?->is_demo === true) {
            $this->error('This database is the demo salon. Name another one with DB_DATABASE.');

            return self::FAILURE;
        }
        if (! SetUp::isOpen()) {
            $this->info('This salon is set up. Its owner adds people on the screen "People".');
            $this->line('Somebody who forgot their password is given a new one by  php artisan staff:password NAME');

            return self::SUCCESS;
        }
        $address = $this->option('address');
        $of = http_build_query(['key' => SetUp::key(), ...ClientAddress::salon()]);
        $this->line(rtrim(is_string($address) ? $address : '', '/')."/set-up?{$of}");

        return self::SUCCESS;
    }
}

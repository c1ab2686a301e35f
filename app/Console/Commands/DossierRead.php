<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Transfer\DossierDesk;
use App\Transfer\DossierFile;
use App\Transfer\DossierPlan;
use App\Transfer\DossierRefused;
use Illuminate\Console\Command;

final class DossierRead extends Command
{
    protected $signature = 'dossier:read {file}
        {--client= : id of whom the dog belongs to here}
        {--card : the dossier’s card counts where the two differ}';

    protected $description = 'Read the dossier of a dog in that was written by another salon';

    public function handle(DossierDesk $desk): int
    {
        $client = $this->option('client');
        try {
            $file = DossierFile::open(Argument::text($this, 'file'));
            $plan = DossierPlan::of($file->says);
            $dog = $desk->read($file, is_string($client) ? $client : null, (bool) $this->option('card'));
        } catch (DossierRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        [$new, $known, $differing] = [count($plan->new), count($plan->known), count($plan->differing)];
        $this->info("{$dog->name} ({$dog->id}): {$new} visits read in, {$known} known, {$differing} left as they are here.");

        return self::SUCCESS;
    }
}

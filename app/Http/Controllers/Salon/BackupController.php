<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Salon\Health;

/** When the last backup was made that was found whole. */
final readonly class BackupController
{
    public function __invoke(Health $health): Answer
    {
        return new Answer([
            'lastVerifiedAt' => Iso::of($health->lastBackup()),
            'warn' => $health->backupIsOld(),
        ]);
    }
}

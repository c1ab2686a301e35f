<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\Iso;
use App\Health\Health;
use App\Http\Answer;

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

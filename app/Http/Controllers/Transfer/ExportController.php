<?php

declare(strict_types=1);

namespace App\Http\Controllers\Transfer;

use App\Salon\Done;
use App\Salon\HouseLog;
use App\Transfer\SalonArchive;
use App\Transfer\TablesArchive;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything that a spreadsheet can hold, for the owner to take along. */
final class ExportController
{
    public function tables(Request $request): BinaryFileResponse
    {
        $archive = TablesArchive::write();
        HouseLog::note(Done::TablesTaken, $request->user());

        return self::file($archive, 'tables');
    }

    public function everything(Request $request, SalonArchive $archive): BinaryFileResponse
    {
        // Every dog's years and pictures: it takes as long as there are of them.
        set_time_limit(0);
        $file = $archive->write();
        HouseLog::note(Done::EverythingTaken, $request->user());

        return self::file($file, 'everything');
    }

    private static function file(string $path, string $what): BinaryFileResponse
    {
        $day = now(config('salon.timezone'))->toDateString();

        return response()->download($path, "hound-check-{$what}-{$day}.zip", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }
}

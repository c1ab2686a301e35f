<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Export\TablesArchive;
use App\House\Done;
use App\House\HouseLog;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything that a spreadsheet can hold, for the owner to take along. */
final class ExportController
{
    public function tables(Request $request): BinaryFileResponse
    {
        $archive = TablesArchive::write();
        HouseLog::note(Done::TablesTaken, $request->user());

        $day = now(config('salon.timezone'))->toDateString();

        return response()->download($archive, "hound-check-tables-{$day}.zip", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }
}

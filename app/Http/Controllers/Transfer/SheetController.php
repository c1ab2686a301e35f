<?php

declare(strict_types=1);

namespace App\Http\Controllers\Transfer;

use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Models\SheetLink;
use App\Models\Visit;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Transfer\Sheets\SheetDesk;
use App\Transfer\Sheets\VisitSheet;
use App\Words\Languages;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The record of a visit as a file, in the salon. */
final class SheetController
{
    /** A browser that opens a file does not say which language the screen speaks: the address does. */
    public function show(Request $request, Visit $visit, VisitSheet $sheet): Response
    {
        $asked = $request->query('language');
        $language = is_string($asked) && in_array($asked, Languages::all(), true) ? $asked : app()->getLocale();

        return self::file($sheet->pdf($visit, $language), VisitSheet::fileName($visit));
    }

    public function store(Request $request, Visit $visit, SheetDesk $desk): Answer
    {
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
        $request->validate(['id' => ['required', 'ulid']]);
        $link = $desk->send($visit, $request->string('id')->upper()->toString(), $request->user());

        return new Answer(['id' => $link->id, 'expiresAt' => Iso::of($link->expires_at)], 201);
    }

    public function destroy(Request $request, SheetLink $link, SheetDesk $desk): Response
    {
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
        $desk->withdraw($link);
        HouseLog::note(Done::RecordWithdrawn, $request->user(), ['dog' => $link->visit->dog->name]);

        return response()->noContent();
    }

    public static function file(string $pdf, string $name): Response
    {
        return new Response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"{$name}\""]);
    }
}

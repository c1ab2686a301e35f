<?php

declare(strict_types=1);

namespace App\Http\Controllers\Transfer;

use App\Clients\SalonTime;
use App\Http\Answer;
use App\Models\SheetLink;
use App\Transfer\Sheets\SheetDesk;
use App\Transfer\Sheets\VisitSheet;
use App\Words\Words;
use Illuminate\Http\Response;

/** The client's page of a record: reached by a signed link that expires and can be withdrawn, without an account. */
final class SheetPageController
{
    public function show(SheetLink $link): Answer
    {
        $language = $this->languageOf($link);

        return new Answer([
            'salon' => config('salon.name'),
            'phone' => config('salon.phone'),
            'dog' => $link->visit->dog->name,
            'language' => $language,
            'day' => SalonTime::day($link->visit->arrived_at, $language),
            'until' => SalonTime::day($link->expires_at, $language),
            'file' => SheetDesk::signed('visit-sheet.file', $link),
        ]);
    }

    public function file(SheetLink $link, VisitSheet $sheet): Response
    {
        return SheetController::file($sheet->pdf($link->visit, $this->languageOf($link)), VisitSheet::fileName($link->visit));
    }

    private function languageOf(SheetLink $link): string
    {
        $link->load('visit.dog.client');
        $language = $link->visit->dog->client->speaks();
        abort_if($link->withdrawn_at !== null, 403, Words::of('clients.link_over', [], $language));

        return $language;
    }
}

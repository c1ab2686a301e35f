<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

use App\Http\Resources\RecordJson;
use App\Http\Resources\Said\FindingSaid;
use App\Models\Visit;
use App\Salon\Salon;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use App\Words\Say;

/** One visit on paper: both charts, what was found and decided, photos, and lines to sign on, in one language. */
final readonly class VisitSheet
{
    /** More would not fit on three pages with the rest. */
    private const MOST_PHOTOS = 12;

    public function __construct(private PhotoStore $photos) {}

    /** A4, one to three pages. */
    public function pdf(Visit $visit, string $language): string
    {
        return (new SheetPdf)->make($this->html($visit, $language));
    }

    /** What its file is called: "bosun-2026-06-09.pdf" */
    public static function fileName(Visit $visit): string
    {
        $latin = (string) transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $visit->dog->name);
        $name = (string) preg_replace('/[^a-z0-9]+/', '-', $latin);

        return (trim($name, '-') === '' ? 'dog' : trim($name, '-')).'-'.$visit->day->toDateString().'.pdf';
    }

    public function html(Visit $visit, string $language): string
    {
        $salon = Salon::fromConfig();
        $say = Say::in($language);
        $record = RecordJson::of($visit, $language);
        $charts = new SheetCharts($say, $record);
        $coatMm = (float) $record['visit']['dog']['coatMm'];
        $begun = $record['visit']['table']['begun'];
        $photos = $this->shown($record['visit']['photos']);
        $decided = array_filter($record['timeline'], fn(array $mark): bool => $mark['decision'] !== null && ! $mark['withdrawn'] && ! $mark['setApart']);

        return view('visit-sheet', [
            'say' => $say,
            'language' => $language,
            'salon' => $salon,
            'visit' => $record['visit'],
            'people' => implode(', ', array_unique(array_column($record['timeline'], 'by'))),
            'charts' => [
                [$say->t($begun ? 'record.found.before' : 'record.found.foundShort'), CoatDrawing::svg($charts->before(), $coatMm)],
                [$say->t($begun ? 'record.found.after' : 'record.found.plannedShort'), CoatDrawing::svg($charts->after(), $coatMm)],
            ],
            'found' => $record['found'],
            // The sentence's bold figures come as **80 min**.
            'work' => explode('**', $record['work']),
            'decisions' => array_values($decided),
            'findings' => array_map(fn(array $finding): array => (new FindingSaid($say))->of($finding), $record['visit']['findings']),
            'photos' => array_slice($photos, 0, self::MOST_PHOTOS),
            'morePhotos' => max(0, count($photos) - self::MOST_PHOTOS),
            'signature' => $record['plan']['shown']['answer']['signature'] ?? null,
        ])->render();
    }

    /**
     * @param list<array<string, mixed>> $photos
     *
     * @return list<array{moment: string, section: string|null, picture: string}> before first; the picture as a data URI
     */
    private function shown(array $photos): array
    {
        $shown = [];
        foreach ($photos as $photo) {
            $picture = $photo['earlierVisit'] || $photo['erased'] !== null ? null : $this->photos->read($photo['id'], PhotoSize::Thumbnail);
            if ($picture !== null) {
                $shown[] = [
                    'moment' => $photo['moment'],
                    'section' => $photo['section'],
                    'picture' => 'data:image/jpeg;base64,'.base64_encode($picture),
                ];
            }
        }
        // As they were taken, but what was found before what was done.
        usort($shown, fn(array $one, array $other): int => ($one['moment'] === 'after') <=> ($other['moment'] === 'after'));

        return $shown;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Transfer;

use App\Http\Answer;
use App\Models\Dog;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\IncomingFiles;
use App\Transfer\DossierDesk;
use App\Transfer\DossierFile;
use App\Transfer\DossierPlan;
use App\Transfer\DossierRefused;
use App\Transfer\DossierWriter;
use App\Visits\PhotoStore;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A dog's dossier: taken along, and read in from another salon. */
final readonly class DossierController
{
    private const LARGEST_KB = 100 * 1024;

    public function __construct(private IncomingFiles $incoming) {}

    public function show(Request $request, Dog $dog, DossierWriter $writer, PhotoStore $photos): BinaryFileResponse
    {
        $file = DossierFile::write($dog->load('client'), $writer, $photos);
        HouseLog::note(Done::DossierTaken, $request->user(), ['dog' => $dog->name]);
        $day = now(config('salon.timezone'))->toDateString();
        $name = 'dossier-'.preg_replace('/[^a-z0-9]+/', '-', strtolower($dog->name))."-{$day}";

        return response()->download($file, "{$name}.zip", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function store(Request $request): Answer
    {
        $request->validate(['file' => ['required', 'file', 'max:'.self::LARGEST_KB]], [
            'file.required' => Words::of('dossier.missing'),
            'file.file' => Words::of('dossier.missing'),
            'file.uploaded' => Words::of('dossier.too_large'),
            'file.max' => Words::of('dossier.too_large'),
        ]);
        /** @var UploadedFile $file */
        $file = $request->file('file');
        $says = DossierFile::open($file->getPathname())->says;
        $plan = DossierPlan::of($says);
        $days = array_column($says->visits, 'day', 'id');

        return new Answer([
            'id' => $this->incoming->keep($file->getPathname()),
            'salon' => $says->salon,
            'writtenAt' => $says->writtenAt,
            'dog' => $says->dog->name,
            'client' => $says->client->name,
            'isHere' => $plan->dog !== null,
            'cardDiffers' => $plan->cardDiffers,
            'clients' => $plan->clients,
            'visits' => [
                'new' => count($plan->new),
                'known' => count($plan->known),
                'differing' => array_map(fn(string $id): string => $days[$id], $plan->differing),
            ],
            'photos' => count($says->photos),
        ], 201);
    }

    public function read(Request $request, string $dossier, DossierDesk $desk): Answer
    {
        $told = $request->validate([
            'client' => ['present', 'nullable', 'string', 'ulid', 'exists:clients,id'],
            'takesCard' => ['required', 'boolean:strict'],
        ]);
        $path = $this->incoming->path($dossier) ?? throw DossierRefused::gone();
        $dog = $desk->read(DossierFile::open($path), $told['client'], $told['takesCard']);
        $this->incoming->forget($dossier);
        HouseLog::note(Done::DossierRead, $request->user(), ['dog' => $dog->name]);

        return new Answer(['dog' => $dog->id], 201);
    }
}

<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Models\Client;
use App\Models\Dog;
use App\Transfer\DossierFile;
use App\Transfer\DossierWriter;
use App\Transfer\Outgoing;
use App\Visits\PhotoStore;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** All that is kept of a client, for the client: in open formats, with why it is kept in their language. */
final readonly class ClientExport
{
    public function __construct(private DossierWriter $writer, private PhotoStore $photos) {}

    /** @return string path of a file that is the caller's to delete */
    public function write(Client $client): string
    {
        return Outgoing::zip('client', [fn(ZipArchive $zip) => $this->put($zip, $client)]);
    }

    private function put(ZipArchive $zip, Client $client): void
    {
        $of = new OfClient($client);
        $acts = DB::table('appointment_acts')->whereIn('appointment_id', $of->appointments()->select('id'))->orderBy('number');
        $zip->addFromString('README.txt', Words::of('privacy.export_readme', [
            'salon' => (string) config('salon.name'),
            'day' => now(config('salon.timezone'))->toDateString(),
        ], $client->speaks()));
        $zip->addFromString('client.json', json_encode([
            'client' => [...$client->told(), 'since' => $client->getRawOriginal('created_at')],
            // Whoever holds the address of a page can open it: it is the client's, not the file's.
            'messages' => self::rows($of->messages()->orderBy('created_at')->get(), ['url']),
            'appointments' => self::rows($of->appointments()->get()),
            'appointmentActs' => self::rows($acts->get()),
            'plansByLink' => self::rows($of->links()->get()),
        ], DossierFile::FLAGS)."\n");
        foreach (Dog::query()->with('client')->where('client_id', $client->id)->orderBy('id')->get() as $dog) {
            DossierFile::put($zip, "dossiers/{$dog->id}/", $dog, $this->writer, $this->photos);
        }
    }

    /**
     * @param iterable<\stdClass> $rows
     * @param list<string> $without
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(iterable $rows, array $without = []): array
    {
        $told = [];
        foreach ($rows as $row) {
            $told[] = array_diff_key((array) $row, array_flip($without));
        }

        return $told;
    }
}

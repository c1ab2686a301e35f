<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Dog;
use App\Visits\PhotoStore;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/**
 * All of a salon in one ZIP, in open formats: tables for a spreadsheet, a dossier for each dog that another salon can read
 * in, and what the house keeps of itself. A backup is what restores it; this is what outlives it.
 */
final readonly class SalonArchive
{
    /** What the house keeps, with what nobody may take along: passwords, secret addresses, sign-ins. */
    private const HOUSE = [
        'staff' => ['password', 'pin'],
        'house_rules' => [],
        'salon_versions' => [],
        'message_texts' => [],
        'working_hours' => [],
        'days_off' => [],
        'busy_times' => [],
        'appointments' => [],
        'appointment_acts' => [],
        'messages' => ['url'],
        'client_links' => [],
        'house_log' => [],
    ];

    /** So many dogs at a time wait in memory. */
    private const DOGS_AT_ONCE = 50;

    public function __construct(private DossierWriter $writer, private PhotoStore $photos) {}

    /** @return string path of a file that is the caller's to delete */
    public function write(): string
    {
        return Outgoing::folder('everything', fn(string $folder): string => Outgoing::zip('everything', $this->rounds($folder)));
    }

    /** @return \Generator<int, \Closure(ZipArchive): void> */
    private function rounds(string $folder): \Generator
    {
        yield function (ZipArchive $zip) use ($folder): void {
            $zip->addFromString('README.txt', self::readme());
            $zip->addFile(base_path('docs/formats/dossier.schema.json'), 'dossier.schema.json');
            foreach (TablesArchive::files($folder) as $file) {
                $zip->addFile($file, 'tables/'.basename($file));
            }
            foreach (self::HOUSE as $table => $secrets) {
                $zip->addFromString("house/{$table}.json", json_encode(self::rows($table, $secrets), DossierFile::FLAGS)."\n");
            }
        };
        foreach (Dog::query()->orderBy('id')->pluck('id')->chunk(self::DOGS_AT_ONCE) as $ids) {
            yield function (ZipArchive $zip) use ($ids): void {
                foreach (Dog::query()->with('client')->whereIn('id', $ids)->orderBy('id')->get() as $dog) {
                    DossierFile::put($zip, "dossiers/{$dog->id}/", $dog, $this->writer, $this->photos);
                }
            };
        }
    }

    /**
     * @param list<string> $secrets
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(string $table, array $secrets): array
    {
        return array_values(
            DB::table($table)->get()->map(fn(\stdClass $row): array => array_diff_key((array) $row, array_flip($secrets)))->all(),
        );
    }

    private static function readme(): string
    {
        return implode("\r\n", [
            'Everything that '.config('salon.name').' keeps in Hound Check, written on '.now(config('salon.timezone'))->toDateString().'.',
            '',
            'tables/     clients, dogs, visits, sections and times as CSV (UTF-8); dictionary.csv says what each column means',
            'dossiers/   a folder for each dog: dossier.json (dossier.schema.json says how it is built) and its photos;',
            '            zipped by itself it is read in by another salon',
            'house/      people, house rules, hours, appointments, messages and the log, as the database has them; times are UTC',
            '',
            'Not in it: passwords, secret addresses of calendars and of clients\' pages. Keep it as you keep the keys of the salon.',
            '',
        ]);
    }
}

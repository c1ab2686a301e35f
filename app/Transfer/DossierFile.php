<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Formats\Schema;
use App\Formats\UnreadableFile;
use App\Models\Dog;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use ZipArchive;

/** A dossier as a file: `dossier.json`, and beside it `photos/` with each picture in two sizes, in one ZIP. */
final class DossierFile
{
    private const JSON = 'dossier.json';

    /** 180 visits have half of it, and need 100 MB while they are read. */
    private const MOST_BYTES = 32 * 1024 * 1024;

    /** So many lists and objects, and values in them, have far more visits than a dog lives to. */
    private const MOST_CONTAINERS = 400_000;

    private const MOST_VALUES = 2_000_000;

    /** JSON as people read it: 20.0 stays 20.0, and words stay words. */
    public const FLAGS = JSON_THROW_ON_ERROR
        | JSON_PRESERVE_ZERO_FRACTION
        | JSON_UNESCAPED_SLASHES
        | JSON_UNESCAPED_UNICODE
        | JSON_PRETTY_PRINT;

    private function __construct(private readonly ZipArchive $zip, public readonly \stdClass $says) {}

    /** @return string path of a ZIP that is the caller's to delete */
    public static function write(Dog $dog, DossierWriter $writer, PhotoStore $photos): string
    {
        return Outgoing::zip('dossier', [fn(ZipArchive $zip) => self::put($zip, '', $dog, $writer, $photos)]);
    }

    /** Puts a dossier into an archive, below a folder of its own. */
    public static function put(ZipArchive $zip, string $folder, Dog $dog, DossierWriter $writer, PhotoStore $photos): void
    {
        $says = $writer->of($dog);
        $zip->addFromString($folder.self::JSON, json_encode($says, self::FLAGS)."\n");
        foreach ($says['photos'] as $photo) {
            foreach (PhotoSize::cases() as $size) {
                $zip->addFromString($folder.self::pathOf($photo['id'], $size), (string) $photos->read($photo['id'], $size));
                // A picture is packed already.
                $zip->setCompressionName($folder.self::pathOf($photo['id'], $size), ZipArchive::CM_STORE);
            }
        }
    }

    /** @throws DossierRefused */
    public static function open(string $path): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw DossierRefused::unreadable('The file is not a ZIP archive.');
        }
        $json = self::contents($zip, self::JSON, self::MOST_BYTES) ?? throw DossierRefused::lacks(self::JSON);
        // Before it is taken apart: a file of nothing but brackets needs a hundred times its size.
        if (substr_count($json, '[') + substr_count($json, '{') > self::MOST_CONTAINERS || substr_count($json, ',') > self::MOST_VALUES) {
            throw DossierRefused::unreadable('The file holds more than a dog’s life.');
        }
        try {
            return new self($zip, (new Schema('dossier'))->objects($json));
        } catch (UnreadableFile $unreadable) {
            throw DossierRefused::unreadable($unreadable->getMessage());
        }
    }

    /**
     * @return string a picture as it was kept, JPEG
     *
     * @throws DossierRefused where it is missing, or another than the dossier names
     */
    public function picture(string $id, PhotoSize $size): string
    {
        $photo = array_column(array_map(fn(\stdClass $one): array => (array) $one, $this->says->photos), null, 'id')[$id] ?? [];
        $picture = self::contents($this->zip, self::pathOf($id, $size), PhotoStore::LARGEST_BYTES);
        if ($picture === null || hash('sha256', $picture) !== ($photo[$size->value] ?? null)) {
            throw DossierRefused::lacks(self::pathOf($id, $size));
        }

        return $picture;
    }

    private static function contents(ZipArchive $zip, string $name, int $most): ?string
    {
        $about = $zip->statName($name);
        // By its size as unpacked: a small archive may hold a very large file.
        if ($about === false || $about['size'] > $most) {
            return null;
        }
        $contents = $zip->getFromName($name);

        return $contents === false ? null : $contents;
    }

    private static function pathOf(string $id, PhotoSize $size): string
    {
        return "photos/{$id}-{$size->value}.jpg";
    }
}

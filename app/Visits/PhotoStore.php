<?php

declare(strict_types=1);

namespace App\Visits;

use App\Database\Salons;
use App\Models\Photo;
use Illuminate\Contracts\Filesystem\Filesystem;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;

/**
 * Where the pictures lie: a private disk, each with a thumbnail, under the photo's id.
 *
 * What is sent is never kept as it came. It is decoded and drawn anew, turned the right way up, at most 2048 pixels
 * long, without place, time, device or whatever else the file carried.
 */
final class PhotoStore
{
    public const LARGEST_BYTES = 12 * 1024 * 1024;

    /** Four bytes a pixel while it is decoded: 24 million fit the memory of one request. */
    private const MOST_PIXELS = 24_000_000;

    private const LONGEST_PX = 2048;

    private const THUMBNAIL_PX = 360;

    private const QUALITY = 82;

    private const YOUNG_SECONDS = 3600;

    /** Segments of a JPEG: JFIF and Adobe's say how it is coded, the others of their kind say anything. */
    private const APP_0 = 0xE0;

    private const APP_14 = 0xEE;

    private const APP_15 = 0xEF;

    private const COMMENT = 0xFE;

    private const START_OF_SCAN = 0xDA;

    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    public function __construct(private readonly Filesystem $disk, private readonly Salons $salons) {}

    /**
     * @param string $path of the file that was sent
     *
     * @throws UnusablePhoto
     */
    public function prepare(string $path): KeptPhoto
    {
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], self::TYPES, true)) {
            throw UnusablePhoto::notAPicture();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnusablePhoto::tooManyPixels();
        }
        if ($size[2] === IMAGETYPE_JPEG && ! self::isWhole((string) file_get_contents($path))) {
            throw UnusablePhoto::cutOff();
        }
        try {
            $image = (new ImageManager(
                new Driver,
                autoOrientation: true,
                decodeAnimation: false,
                blendingColor: 'ffffff',
                strip: true,
            ))->read($path);
        } catch (RuntimeException) {
            throw UnusablePhoto::notAPicture();
        }
        // The screens send it as long as it is kept: drawing all of it once more would take as long as decoding it.
        $isLonger = max($image->width(), $image->height()) > self::LONGEST_PX;
        $picture = $this->jpeg($isLonger ? $image->scaleDown(self::LONGEST_PX, self::LONGEST_PX) : $image);
        [$width, $height] = [$image->width(), $image->height()];

        return new KeptPhoto($picture, $this->jpeg($image->scaleDown(self::THUMBNAIL_PX, self::THUMBNAIL_PX)), $width, $height);
    }

    /**
     * A picture and its thumbnail as another salon kept them, without being drawn anew once more.
     *
     * @throws UnusablePhoto where they are not as `prepare()` leaves them: too large, or with something beside the picture
     */
    public function asKept(string $picture, string $thumbnail): KeptPhoto
    {
        $sizes = [];
        foreach ([[$picture, self::LONGEST_PX], [$thumbnail, self::THUMBNAIL_PX]] as [$jpeg, $longest]) {
            $size = @getimagesizefromstring($jpeg);
            if ($size === false || $size[2] !== IMAGETYPE_JPEG || max($size[0], $size[1]) > $longest || ! self::isBare($jpeg)) {
                throw UnusablePhoto::notAPicture();
            }
            $sizes[] = $size;
        }

        return new KeptPhoto($picture, $thumbnail, $sizes[0][0], $sizes[0][1]);
    }

    /** A picture that was cut off on its way is drawn grey from there on, and is no proof: its last scan must have its end. */
    private static function isWhole(string $jpeg): bool
    {
        $scan = strrpos($jpeg, "\xFF\xDA");
        $end = strrpos($jpeg, "\xFF\xD9");

        return $scan !== false && $end !== false && $end > $scan;
    }

    /** Nothing in front of the picture but what says how it is coded: no place, time or camera. */
    private static function isBare(string $jpeg): bool
    {
        for ($at = 2; $at + 4 <= strlen($jpeg) && ord($jpeg[$at]) === 0xFF; $at += 2 + (int) (unpack('n', $jpeg, $at + 2)[1] ?? 0)) {
            $segment = ord($jpeg[$at + 1]);
            if ($segment === self::START_OF_SCAN) {
                return true;
            }
            $isComment = $segment === self::COMMENT && ! str_starts_with(substr($jpeg, $at + 4, 16), 'CREATOR: gd-jpeg');
            if ($isComment || ($segment > self::APP_0 && $segment <= self::APP_15 && $segment !== self::APP_14)) {
                return false;
            }
        }

        return false;
    }

    public function keep(string $id, KeptPhoto $photo): void
    {
        $this->disk->put($this->path($id, PhotoSize::Full), $photo->picture);
        $this->disk->put($this->path($id, PhotoSize::Thumbnail), $photo->thumbnail);
    }

    /** The JPEG, or null when there is none. */
    public function read(string $id, PhotoSize $size): ?string
    {
        $path = $this->path($id, $size);

        return $this->disk->exists($path) ? $this->disk->get($path) : null;
    }

    public function erase(string $id): void
    {
        $this->disk->delete([$this->path($id, PhotoSize::Full), $this->path($id, PhotoSize::Thumbnail)]);
    }

    /**
     * Pictures that no mark took: somebody pulled the plug between the picture and its mark.
     *
     * @return list<string> ids; young ones are left out, their mark may be on its way
     */
    public function orphans(): array
    {
        $old = array_filter(
            $this->disk->allFiles($this->folder()),
            fn(string $file): bool => $this->disk->lastModified($file) < time() - self::YOUNG_SECONDS,
        );
        $ids = array_values(array_unique(array_map(fn(string $file): string => substr(basename($file), 0, 26), $old)));

        return array_values(array_diff($ids, Photo::query()->whereIn('id', $ids)->pluck('id')->all()));
    }

    private function jpeg(ImageInterface $image): string
    {
        return $image->toJpeg(self::QUALITY)->toString();
    }

    private function path(string $id, PhotoSize $size): string
    {
        // A folder for each quarter or so of ids, so that none grows without end.
        return "{$this->folder()}/".substr($id, 0, 3)."/{$id}-{$size->value}.jpg";
    }

    /** Each salon's own. */
    private function folder(): string
    {
        return $this->salons->folder('photos');
    }
}

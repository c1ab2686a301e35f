<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Visit\PhotoMoment;

/** A photo of a section, or of the whole dog. The picture itself is a file under the id of this mark. */
final readonly class PhotoTaken implements Payload
{
    /**
     * @param string|null $findingId the finding it shows
     * @param int $widthPx as stored, 1 or more
     * @param int $heightPx as stored, 1 or more
     */
    public function __construct(public PhotoMoment $moment, public ?string $findingId, public int $widthPx, public int $heightPx) {}

    public static function read(PayloadReader $reader): static
    {
        $taken = new self(
            $reader->one('moment', PhotoMoment::class),
            $reader->optionalText('findingId', 26),
            $reader->optionalWhole('widthPx', 1, 20000) ?? throw UnreadableMark::isNeeded('widthPx'),
            $reader->optionalWhole('heightPx', 1, 20000) ?? throw UnreadableMark::isNeeded('heightPx'),
        );
        $reader->finish();

        return $taken;
    }
}

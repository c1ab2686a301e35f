<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** The picture of a photo was erased. That it was taken, and who erased it why, stays in the record. */
final readonly class PhotoDeleted implements Payload
{
    public function __construct(public string $photoId, public string $reason) {}

    public static function read(PayloadReader $reader): static
    {
        $deleted = new self($reader->text('photoId', 26), $reader->text('reason', 500));
        $reader->finish();

        return $deleted;
    }
}

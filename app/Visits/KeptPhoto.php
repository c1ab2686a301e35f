<?php

declare(strict_types=1);

namespace App\Visits;

/** A photo made anew from what was sent: nothing but the picture, in JPEG. */
final readonly class KeptPhoto
{
    public function __construct(public string $picture, public string $thumbnail, public int $widthPx, public int $heightPx) {}
}

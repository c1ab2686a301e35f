<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\OpenedWith;

/** What opened the mats here, said once at the section's end. */
final readonly class MatsOpened implements Payload
{
    public function __construct(public OpenedWith $with) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('with', OpenedWith::class));
        $reader->finish();

        return $read;
    }
}

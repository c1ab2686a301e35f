<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\Posture;

/** The dog lies down, or stands again. */
final readonly class PostureTaken implements Payload
{
    public function __construct(public Posture $posture) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('posture', Posture::class));
        $reader->finish();

        return $read;
    }
}

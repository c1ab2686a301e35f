<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

final readonly class NoteWritten implements Payload
{
    public function __construct(public string $text) {}

    public static function read(PayloadReader $reader): static
    {
        $note = new self($reader->text('text', 2000));
        $reader->finish();

        return $note;
    }
}

<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Visit\StopSign;

final readonly class NoteWritten implements Payload
{
    /** @param StopSign|null $sign what was seen, where the note was made by Stop now; then the text may be empty */
    public function __construct(public string $text, public ?StopSign $sign = null) {}

    public static function read(PayloadReader $reader): static
    {
        $sign = $reader->optionalOne('sign', StopSign::class);
        $note = new self($sign === null ? $reader->text('text', 2000) : $reader->optionalText('text', 2000) ?? '', $sign);
        $reader->finish();

        return $note;
    }
}

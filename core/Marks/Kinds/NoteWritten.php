<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Fields\Way;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Reach;
use HoundCheck\Core\Marks\Words\StopSign;

#[Kind(Phase::Any, Place::Either, reach: Reach::Nowhere, afterTheEnd: true)]
#[Way(needs: ['sign'], may: ['text'])]
#[Way(needs: ['text'])]
final readonly class NoteWritten implements Payload
{
    public string $text;

    /** @param StopSign|null $sign what was seen, where the note was made by Stop now; then the text may be empty */
    public function __construct(#[Text(2000)] ?string $text = null, public ?StopSign $sign = null)
    {
        $this->text = $text ?? '';
    }
}

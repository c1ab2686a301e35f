<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Fields\Way;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\FeetWay;

/** The visit asks more of the dog's feet than the house does: a way under it, or why it goes over. */
#[Kind(Phase::Plan, who: Who::Groomer)]
#[Way(needs: ['way'], may: ['reason'])]
#[Way(needs: ['reason'])]
final readonly class FeetPlanned implements Payload
{
    /**
     * @param FeetWay|null $way null: none, it goes over
     * @param string|null $reason where it goes over
     */
    public function __construct(public ?FeetWay $way, #[Text(500)] public ?string $reason) {}
}
